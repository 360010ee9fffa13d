@include('problem', ['title' => 'Not ready', 'lines' => ['Fine Frame is being set up. Try again in a moment.']])
