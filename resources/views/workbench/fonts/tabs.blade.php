@php($step = $bench->address('fonts'))
<x-tabs label="Fonts and shapes" :tabs="[[$step, 'Voices', ! $isShapes], [$step.'?open_shapes=yes', 'Shapes', $isShapes]]"/>
