<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Storefront\SamplePages;

/** Elements of pages, as the window numbers them: asked about, and told of. */
final class Places
{
    /** Elements that are asked about at once. */
    private const MOST = 40;

    /** @return list<int> the element pointed at and those around it, inside out */
    public static function asked(TypedRequest $request): array
    {
        return array_map(
            static fn(string $n): int => preg_match('/^\d{1,6}$/D', $n) === 1 ? (int) $n : -1,
            array_slice(explode(',', $request->word('elements', '', 4000)), 0, self::MOST),
        );
    }

    /**
     * @param array<string, list<int>> $places page => elements
     *
     * @return array{label: string, places: array<string, list<int>>, count: int, pages: array<string, string>, why: ?string}
     */
    public static function told(string $label, array $places, ?string $why): array
    {
        return [
            'label' => $label, 'places' => $places, 'count' => array_sum(array_map(count(...), $places)),
            'pages' => array_intersect_key(SamplePages::labels(), $places), 'why' => $why,
        ];
    }
}
