<p {{ $attributes->class(['notice']) }}>{{ $slot }}</p>
