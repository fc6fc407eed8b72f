<p class="taking-in" data-said hidden><progress aria-label="{{ __('layout.taking_in.how_much_of') }}"></progress> <output>{{
    __('layout.taking_in.reading_the_file') }}</output></p>
