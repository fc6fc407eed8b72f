@if($page->asksToLook())
<section class="doses-look">
    <h2>{{ __('food.look.head') }}</h2>
    <p>{{ __('food.look.ask') }}</p>
    @error('helped')<p class="fault" role="alert">{{ $message }}</p>@enderror
    <form method="post" action="/tanks/{{ $tank->id }}/dose-plans/looked">
        @csrf
        <span class="pair">
            @foreach(['yes', 'no', 'later'] as $answer)
            <button class="act quiet" name="helped" value="{{ $answer }}">{{ __('food.look.'.$answer) }}</button>
            @endforeach
        </span>
    </form>
</section>
@endif
<section class="doses-today">
    <h2>{{ __('food.today_head') }}</h2>
    @forelse($page->today() as $due)
    <form class="dose" method="post" action="/tanks/{{ $tank->id }}/doses">
        @csrf
        <input type="hidden" name="product_id" value="{{ $due['plan']->product_id }}">
        <input type="hidden" name="amount" value="{{ $due['plan']->given() }}">
        <p class="large"><span class="num">{{ $due['amount'] }}</span> {{ $due['plan']->product->name }}</p>
        @if(!$due['dose'] && $due['plan']->by_doser)<p class="muted">{{ $page->byPump($due['plan']) }}</p>@endif
        @if($due['dose'])
        <p class="muted">{{ __($due['dose']->missed ? 'food.was_missed' : 'food.was_given', ['time' => $page->show->time($due['dose']->given_at)]) }}</p>
        @endif
        <span class="pair">
            <button class="act {{ $due['dose'] || $due['plan']->by_doser ? 'quiet' : '' }}" name="state" value="given"
                @if($due['plan']->id === $page->firstToNote()) id="do" @endif
                @disabled($due['dose'] && !$due['dose']->missed)>{{ __('food.today_page.given') }}<span class="visually-hidden">: {{ $due['plan']->product->name
                    }}</span></button>
            <button class="act quiet" name="state" value="missed" @disabled($due['dose']?->missed)>{{ __('food.today_page.missed') }}<span
                class="visually-hidden">: {{ $due['plan']->product->name }}</span></button>
        </span>
    </form>
    @empty
    <p>{{ $tank->dosePlans->isEmpty() ? __('food.none_planned') : __('food.none_today') }}</p>
    @endforelse
    @if($page->week() !== [])
    <details><summary>{{ __('food.next_days') }}</summary><ol class="week">
        @foreach($page->week() as $day)<li><b>{{ $day['day'] }}</b> {{ $day['words'] }}</li>@endforeach
    </ol></details>
    @endif
</section>
