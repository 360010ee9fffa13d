@include('problem', ['title' => 'The page is too old', 'lines' => ['This page was open too long for its form to be trusted. Open it again; nothing was changed.']])
