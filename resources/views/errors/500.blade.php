@include('problem', ['title' => 'Something went wrong here', 'lines' => ['Fine Frame failed here; the cause is in storage/logs. Your plan is as it was before the last change.']])
