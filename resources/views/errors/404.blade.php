@include('problem', ['title' => 'Not found', 'lines' => ['No page or plan at this address. If it was just removed, the list of plans can bring it back.']])
