<p class="taking-in" data-said hidden><progress aria-label="How much of the file is read"></progress> <output>Reading the file …</output></p>
