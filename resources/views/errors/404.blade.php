@include('problem', ['title' => 'Not here', 'lines' => ['There is no such page or plan. It may have been removed; the list of plans can bring a removed one back right after.']])
