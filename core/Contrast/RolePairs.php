<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Reach\PageReader;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Season\SeasonSwaps;
use Ikat\Core\Setting\ColorSet;

/** The pairs of roles that occur on the pages, places gathered by scheme; large and small text of one pair stay apart. */
final readonly class RolePairs implements Measurement
{
    /**
     * @param array<string, RolePair> $pairs by ink, ground, kind and size
     * @param list<array{season: string, from: string, to: string}> $swaps which scheme each season that is on puts in another's place
     */
    private function __construct(public array $pairs, private array $swaps) {}

    /**
     * The seasons that will bring a pair into a scheme: where the scheme they replace has it now.
     *
     * @return list<string> names
     */
    public function seasonsWith(RolePair $pair, string $scheme): array
    {
        return array_column(
            array_filter($this->swaps, static fn(array $s): bool => $s['to'] === $scheme && isset($pair->places[$s['from']])),
            'season',
        );
    }

    /** Whether a part has the pair in a scheme, now or in a season. */
    public function isWorn(RolePair $pair, string $scheme): bool
    {
        return isset($pair->places[$scheme]) || $this->seasonsWith($pair, $scheme) !== [];
    }

    public static function measure(Inspection $inspection): self
    {
        $sizes = $inspection->get(TextSizes::class);
        $pairs = [];
        foreach ($inspection->get(ReachIndex::class)->pairs as $use) {
            $ink = ColorSet::roleOfProperty($use->ink);
            $ground = $use->ground === PageReader::OVER ? [$ink[0] ?? '', SchemeColors::OVER] : ColorSet::roleOfProperty($use->ground);
            // Ink and ground of different schemes meet nowhere: a part that wears a scheme sets both.
            if ($ink === null || $ground === null || $ink[0] !== $ground[0]) {
                continue;
            }
            $kind = $use->state === 'disabled' ? 'none' : $use->kind;
            $large = $kind === 'text' && $sizes->isLarge($use);
            $key = "$ink[1]|$ground[1]|$kind|".($large ? 'large' : '');
            $pair = $pairs[$key] ??= new RolePair($ink[1], $ground[1], $kind, $large);
            $pair->states[$ink[0]][$use->state] = true;
            $pair->beneath[$ink[0]][$use->beneath] = array_values(array_filter(array_map(
                static fn(string $property): string => implode(' ', ColorSet::roleOfProperty($property) ?? []),
                array_filter(explode(' ', $use->beneath)),
            )));
            foreach ($use->places as $page => $elements) {
                $pair->places[$ink[0]][$page] = [...$pair->places[$ink[0]][$page] ?? [], ...$elements];
            }
        }

        return new self($pairs, SeasonSwaps::ofSchemes($inspection->look));
    }
}
