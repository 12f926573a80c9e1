<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/**
 * Rebuilds an SVG drawing from an allow-list: shapes, groups, gradients and clips, with their geometry and paint.
 *
 * Nothing of the source is passed through: elements, attributes and values are read, checked and written anew. No script,
 * style sheet, event, link, foreign content, entity or address beyond the file itself can come out.
 * SVG 2, W3C Candidate Recommendation.
 */
final class SvgCleaner
{
    private const NAMESPACE = 'http://www.w3.org/2000/svg';
    private const MOST_ELEMENTS = 4000;
    private const MOST_DEPTH = 40;

    /** Parts that are drawn once every use is followed: some lines of source can stand for billions. */
    private const MOST_DRAWN = 20_000;

    /** Units a drawing's side may have. */
    private const LEAST_SIDE = 0.01;
    private const MOST_SIDE = 1_000_000;

    private const ELEMENTS = [
        'svg', 'g', 'path', 'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon', 'defs', 'linearGradient', 'radialGradient', 'stop',
        'clipPath', 'use', 'title', 'desc', 'symbol',
    ];

    /** attribute => pattern its value must match */
    private const ATTRIBUTES = [
        'id' => '/^[A-Za-z_][\w.-]{0,80}$/', 'd' => '/^[MmLlHhVvCcSsQqTtAaZz0-9eE\s,.+-]*$/', 'points' => '/^[0-9eE\s,.+-]*$/',
        'transform' => self::TRANSFORM, 'gradientTransform' => self::TRANSFORM,
        'viewBox' => '/^[0-9eE\s,.+-]{1,80}$/', 'preserveAspectRatio' => '/^[A-Za-z\s]{1,30}$/',
        'gradientUnits' => self::UNITS, 'clipPathUnits' => self::UNITS, 'spreadMethod' => '/^(pad|reflect|repeat)$/',
        'fill-rule' => '/^(nonzero|evenodd)$/', 'clip-rule' => '/^(nonzero|evenodd)$/', 'stroke-linecap' => '/^(butt|round|square)$/',
        'stroke-linejoin' => '/^(miter|round|bevel)$/',
        'stroke-dasharray' => '/^(none|[0-9eE\s,.+-]{1,120})$/', 'visibility' => '/^(visible|hidden)$/', 'display' => '/^(none|inline)$/',
    ];
    private const TRANSFORM = '/^(\s*(matrix|translate|scale|rotate|skewX|skewY)\s*\([0-9eE\s,.+-]*\)[\s,]*)*$/';
    private const UNITS = '/^(userSpaceOnUse|objectBoundingBox)$/';
    private const LENGTHS = [
        'x', 'y', 'x1', 'y1', 'x2', 'y2', 'cx', 'cy', 'r', 'rx', 'ry', 'fx', 'fy', 'width', 'height', 'offset', 'stroke-width',
        'stroke-miterlimit', 'stroke-dashoffset', 'opacity', 'fill-opacity', 'stroke-opacity', 'stop-opacity',
    ];
    private const PAINTS = ['fill', 'stroke', 'stop-color', 'color'];

    private int $elements = 0;

    /** @var array<string, true> what was left out, in words */
    private array $leftOut = [];

    private function __construct() {}

    /**
     * @return array{svg: string, width: float, height: float, left_out: list<string>} size in px as drawn
     *
     * @throws UnusableSvg when it is no drawing, or nothing of it is left
     */
    public static function clean(string $source): array
    {
        if (stripos($source, '<!ENTITY') !== false) {
            throw UnusableSvg::because('it defines entities');
        }
        $before = libxml_use_internal_errors(true);
        $document = new \DOMDocument();
        $isRead = $document->loadXML($source, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (! $isRead || $root === null || $root->localName !== 'svg' || ($root->namespaceURI ?? self::NAMESPACE) !== self::NAMESPACE) {
            throw UnusableSvg::because('it is not well-formed SVG');
        }
        $cleaner = new self();
        $out = new \DOMDocument('1.0', 'UTF-8');
        $drawing = $cleaner->copy($root, $out, 0);
        assert($drawing !== null);
        $out->appendChild($drawing);
        if ($out->getElementsByTagName('*')->length < 2) {
            throw UnusableSvg::because('nothing of it can be used: save it with its words turned into outlines and without placed '
                .'pictures');
        }
        self::boundUses($drawing);
        [$width, $height] = self::size($drawing);
        $drawing->setAttribute('width', (string) $width);
        $drawing->setAttribute('height', (string) $height);
        if (! $drawing->hasAttribute('viewBox')) {
            $drawing->setAttribute('viewBox', "0 0 $width $height");
        }

        return [
            'svg' => (string) $out->saveXML($drawing), 'width' => $width, 'height' => $height, 'left_out' => array_keys($cleaner->leftOut),
        ];
    }

    /** @throws UnusableSvg */
    private function copy(\DOMElement $from, \DOMDocument $out, int $depth): ?\DOMElement
    {
        $name = (string) $from->localName;
        if (! in_array($name, self::ELEMENTS, true) || ($from->namespaceURI ?? self::NAMESPACE) !== self::NAMESPACE) {
            $this->leftOut[match ($name) {
                'script' => 'a script',
                'style' => 'a style sheet',
                'text', 'tspan', 'textPath' => 'words that are not outlines',
                'image' => 'a placed picture',
                'filter', 'mask', 'pattern' => "a $name",
                'a' => 'a link',
                'animate', 'set', 'animateTransform', 'animateMotion' => 'an animation',
                default => "<$name>",
            }] = true;

            return null;
        }
        if (++$this->elements > self::MOST_ELEMENTS || $depth > self::MOST_DEPTH) {
            throw UnusableSvg::because('it has too many parts for a logo');
        }
        $made = $out->createElementNS(self::NAMESPACE, $name);
        foreach ($from->attributes as $attribute) {
            $this->attribute($made, (string) $attribute->localName, trim($attribute->value), $attribute->prefix);
        }
        foreach ($from->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $copied = $this->copy($child, $out, $depth + 1);
                if ($copied !== null) {
                    $made->appendChild($copied);
                }
            } elseif ($child instanceof \DOMText && in_array($name, ['title', 'desc'], true)) {
                $made->appendChild($out->createTextNode(mb_substr($child->data, 0, 300)));
            }
        }

        return $made;
    }

    private function attribute(\DOMElement $made, string $name, string $value, string $prefix): void
    {
        if ($name === 'style' && $prefix === '') {
            foreach (explode(';', $value) as $declaration) {
                [$property, $v] = [...explode(':', $declaration, 2), ''];
                $property = strtolower(trim($property));
                if ($property !== '' && $property !== 'style' && $property !== 'href') {
                    $this->attribute($made, $property, trim($v), '');
                }
            }

            return;
        }
        if ($name === 'href' && in_array($prefix, ['', 'xlink'], true)) {
            if (preg_match('/^#[A-Za-z_][\w.-]{0,80}$/', $value)) {
                $made->setAttribute('href', $value);
            } else {
                $this->leftOut['an address outside the file'] = true;
            }

            return;
        }
        $isFit = $prefix === '' && match (true) {
            isset(self::ATTRIBUTES[$name]) => (bool) preg_match(self::ATTRIBUTES[$name], $value),
            in_array($name, self::LENGTHS, true) => (bool) preg_match(
                '/^[+-]?(\d+\.?\d*|\.\d+)([eE][+-]?\d+)?(px|pt|mm|cm|in|em|%)?$/',
                $value,
            ),
            in_array($name, self::PAINTS, true) => (bool) preg_match(
                '/^(none|currentColor|transparent|#[0-9a-fA-F]{3,8}|[a-zA-Z]{3,25}'
            .'|(rgb|rgba|hsl|hsla)\([0-9\s,.%\/deg]{1,60}\)|url\(["\']?#[A-Za-z_][\w.-]{0,80}["\']?\))$/',
                $value,
            ),
            $name === 'clip-path' => (bool) preg_match('/^(none|url\(["\']?#[A-Za-z_][\w.-]{0,80}["\']?\))$/', $value),
            default => false,
        };
        if ($isFit) {
            $made->setAttribute($name, $value);
        } elseif (str_starts_with(strtolower($name), 'on')) {
            $this->leftOut['a script'] = true;
        }
    }

    /** @throws UnusableSvg when uses lead to each other in a circle, or to too much */
    private static function boundUses(\DOMElement $drawing): void
    {
        $byId = [];
        foreach ($drawing->getElementsByTagName('*') as $element) {
            if ($element->getAttribute('id') !== '') {
                $byId[$element->getAttribute('id')] ??= $element;
            }
        }
        /** @var \WeakMap<\DOMElement, int> $counts */
        $counts = new \WeakMap();
        $drawn = static function (\DOMElement $element, int $depth) use (&$drawn, $byId, $counts): int {
            if ($depth > 3 * self::MOST_DEPTH) {
                throw UnusableSvg::because('its parts use each other in a circle, or too deep');
            }
            if (! isset($counts[$element])) {
                $count = 1;
                foreach ($element->childNodes as $child) {
                    $count += $child instanceof \DOMElement ? $drawn($child, $depth + 1) : 0;
                }
                $used = $element->localName === 'use' ? $byId[substr($element->getAttribute('href'), 1)] ?? null : null;
                $count += $used === null ? 0 : $drawn($used, $depth + 1);
                if ($count > self::MOST_DRAWN) {
                    throw UnusableSvg::because('its parts are used too many times over');
                }
                $counts[$element] = $count;
            }

            return $counts[$element];
        };
        $drawn($drawing, 0);
    }

    /**
     * @return array{float, float} px
     *
     * @throws UnusableSvg
     */
    private static function size(\DOMElement $svg): array
    {
        $box = array_map(floatval(...), preg_split('/[\s,]+/', trim($svg->getAttribute('viewBox'))) ?: []);
        $number = static fn(string $v): float => preg_match('/^([\d.eE+-]+)(px)?$/', $v, $m) ? (float) $m[1] : 0.0;
        $width = $number($svg->getAttribute('width'));
        $height = $number($svg->getAttribute('height'));
        if (count($box) === 4 && $box[2] > 0 && $box[3] > 0) {
            $width = $width > 0 ? $width : ($height > 0 ? $height * $box[2] / $box[3] : $box[2]);
            $height = $height > 0 ? $height : $width * $box[3] / $box[2];
        }
        if (
            min($width, $height) < self::LEAST_SIDE
            || max($width, $height) > self::MOST_SIDE
            || max($width / $height, $height / $width) > 60
        ) {
            throw UnusableSvg::because('it does not say how large it is; save it with a viewBox');
        }

        return [round($width, 3), round($height, 3)];
    }
}
