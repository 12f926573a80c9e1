<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

/** A few shapes to begin with: each says all that is shape of a look. */
final class Shapes
{
    /** key => [title, in words, path => value] */
    public const ALL = [
        'cut' => ['Cut paper', 'sharp corners, thin lines', [
            'shape.radius' => 0.0, 'shape.border' => 1.0, 'shape.shadow' => 'none', 'shape.button' => 'square',
            'shape.inset.across' => 24.0, 'shape.inset.down' => 11.0, 'shape.pointed' => 'underline', 'shape.underline' => 'always',
            'shape.motion' => 'quick', 'checkout.field' => 'boxed',
        ]],
        'folded' => ['Folded edge', 'corners just broken, nothing moves', [
            'shape.radius' => 3.0, 'shape.border' => 1.0, 'shape.shadow' => 'none', 'shape.button' => 'soft',
            'shape.inset.across' => 24.0, 'shape.inset.down' => 11.0, 'shape.pointed' => 'color', 'shape.underline' => 'always',
            'shape.motion' => 'quick', 'checkout.field' => 'boxed',
        ]],
        'pebble' => ['Pebble', 'round all over, rises when pointed at', [
            'shape.radius' => 16.0, 'shape.border' => 1.0, 'shape.shadow' => 'soft', 'shape.button' => 'pill',
            'shape.inset.across' => 28.0, 'shape.inset.down' => 12.0, 'shape.pointed' => 'rise', 'shape.underline' => 'pointed',
            'shape.motion' => 'quick', 'checkout.field' => 'boxed',
        ]],
        'stamped' => ['Stamped', 'heavy lines, square and close', [
            'shape.radius' => 0.0, 'shape.border' => 3.0, 'shape.shadow' => 'none', 'shape.button' => 'square',
            'shape.inset.across' => 20.0, 'shape.inset.down' => 10.0, 'shape.pointed' => 'color', 'shape.underline' => 'always',
            'shape.motion' => 'none', 'checkout.field' => 'boxed',
        ]],
        'lit' => ['Lit from within', 'soft corners, a glow, lifted off the page', [
            'shape.radius' => 8.0, 'shape.border' => 1.0, 'shape.shadow' => 'lifted', 'shape.button' => 'soft',
            'shape.inset.across' => 26.0, 'shape.inset.down' => 12.0, 'shape.pointed' => 'glow', 'shape.underline' => 'pointed',
            'shape.motion' => 'calm', 'checkout.field' => 'underlined',
        ]],
    ];

    private const POINTED = [
        'color' => ['none', '0px', '0px'], 'underline' => ['underline', '0px', '0px'], 'glow' => ['none', '16px', '0px'],
        'rise' => ['none', '0px', '-3px'],
    ];

    /** @return array{line: string, glow: string, rise: string} what pointing does, as CSS; a rise is less than 0 */
    public static function pointed(string $what): array
    {
        [$line, $glow, $rise] = self::POINTED[$what];

        return ['line' => $line, 'glow' => $glow, 'rise' => $rise];
    }
}
