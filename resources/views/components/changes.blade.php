<ul {{ $attributes->class(['changes grid gap-1.5 *:grid *:gap-px *:border-l-2 *:border-blue *:pl-2.5 *:wrap-anywhere']) }}>{{ $slot }}</ul>
