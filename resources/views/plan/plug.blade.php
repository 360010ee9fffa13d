{{-- A lamp dropped on an outlet, or `c` on a lamp, plugs it in; scripts fill this in and send it. --}}
@php($power = $work->power())
<x-act :work="$work" :to="route('power', $work->shoot->id)" id="plug" hidden data-circuits="{{ json_encode(array_keys($power->choices())) }}" data-on="{{ json_encode((object) array_column($power->loads(), 'on', 'id')) }}">
    <input type="hidden" name="thing" value=""><input type="hidden" name="circuit" value=""><button>Plug</button>
</x-act>
