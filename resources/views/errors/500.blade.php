@include('problem', ['title' => 'Something went wrong here', 'lines' => ['Fine Frame failed on this, and wrote down why in storage/logs. Your plan is as it was before the last change.']])
