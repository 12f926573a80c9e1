<x-icon name="arrow-right"/><span class="sr-only">becomes</span>
