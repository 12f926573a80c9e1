<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Contrast\ColorVision;
use Ikat\Core\Contrast\PairContrast;

/** All checks, in the order they are told; findings come the gravest first. */
final class Checks
{
    /** @return list<Check> */
    public static function all(): array
    {
        return [
            new LostBase(), new PairContrast(), new ColorVision(), new LinkTargets(), new LostPages(), new StrayGoods(), new FrameCuts(),
            new HidingLabels(), new FarFromBuying(), new EmptyMenus(), new DoubledEntries(), new HeaderFit(), new Promises(),
            new LostPictures(), new PageContents(), new Logos(), new MissingLetters(), new TypeSizes(), new LeftOverWords(),
            new ThinLetters(), new HeadingLevels(), new SeasonTimes(), new Shelves(), new Unsaid(),
        ];
    }

    /** @return list<Finding> */
    public static function run(Inspection $input): array
    {
        $findings = [];
        foreach (self::all() as $check) {
            $findings = [...$findings, ...$check->run($input)];
        }
        usort(
            $findings,
            static fn(Finding $a, Finding $b): int => [
                $a->severity()->rank(),
                $a->fulfillment(),
                $a->key(),
            ] <=> [$b->severity()->rank(), $b->fulfillment(), $b->key()],
        );

        return $findings;
    }

    /**
     * @param list<Finding> $findings
     *
     * @return array{stop: int, fix: int, know: int}
     */
    public static function count(array $findings): array
    {
        $counts = ['stop' => 0, 'fix' => 0, 'know' => 0];
        foreach ($findings as $finding) {
            $counts[$finding->severity()->value]++;
        }

        return $counts;
    }
}
