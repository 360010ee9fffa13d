@include('problem', ['title' => 'The page is too old', 'lines' => ['This page has been open too long to accept changes. Reload it; nothing was changed.']])
