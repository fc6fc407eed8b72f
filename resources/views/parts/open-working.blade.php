{{-- Under its page where no script opened it beside the figure. --}}
<div id="open-working" class="open-working">@include('parts.working', ['working' => $working])</div>
