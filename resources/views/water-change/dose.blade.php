<h2>{{ __('food.after.head') }}</h2>
@if($doses->doses() !== [])<ul class="plain-list doses-after">@foreach($doses->doses() as $dose)<li><b class="num">{{ $dose['amount'] }}</b>
    {{ $dose['name'] }} <small class="muted">{{ $dose['every'] }}</small></li>@endforeach</ul>@endif
<p class="muted">{{ $doses->says() }} <a href="/tanks/{{ $tank->id }}/fertilising">{{ __('change.dose.fertilising') }}</a></p>
@if($doses->rows() !== [])
<details class="more" @sure><summary>{{ __('change.dose.how_far_each') }}</summary>
<table class="plain"><thead><tr><th scope="col"></th><th scope="col">{{ __('food.after.left') }}</th><th scope="col">{{ __('food.after.aim') }}</th>
    <th scope="col">{{ __('food.after.give') }}</th></tr></thead><tbody>
    @foreach($doses->rows() as $row)<tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['after'] }}</td>
    <td class="num">{{ $row['aim'] }}</td><td class="num"><a data-working="dose.{{ $row['key'] }}"
        href="/tanks/{{ $tank->id }}/water-change?{{ $pageQuery::query(request()) }}&amp;working=dose.{{ $row['key'] }}"
        >{{ $row['need'] }}</a></td></tr>
    @endforeach</tbody></table></details>
@endif
