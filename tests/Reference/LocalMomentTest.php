<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Season\LocalMoment;
use PHPUnit\Framework\TestCase;

/**
 * Wall-clock moments around clock changes in many zones, against Temporal (the polyfill by its authors), to the second. RFC 5545, section
 * 3.3.5.
 */
final class LocalMomentTest extends TestCase
{
    private const ZONES = [
        'Europe/Berlin', 'Europe/London', 'Europe/Dublin', 'Africa/Casablanca', 'America/New_York', 'America/St_Johns', 'America/Santiago',
        'America/Havana', 'Australia/Lord_Howe', 'Australia/Adelaide', 'Pacific/Auckland', 'Pacific/Chatham', 'Asia/Tehran',
        'Asia/Kathmandu', 'UTC',
    ];

    /** The first report's own case. */
    public function testTheRepeatedHourIsItsFirstComing(): void
    {
        self::assertSame('2027-10-31T00:30:00+00:00', LocalMoment::at('2027-10-31T02:30', new \DateTimeZone('Europe/Berlin'))->format('c'));
    }

    public function testMomentsAroundEveryChange(): void
    {
        mt_srand(20261128);
        $cases = [];
        foreach (self::ZONES as $name) {
            $zone = new \DateTimeZone($name);
            foreach ($zone->getTransitions(gmmktime(0, 0, 0, 1, 1, 2024), gmmktime(0, 0, 0, 1, 1, 2032)) ?: [] as $change) {
                for ($i = 0; $i < 30; $i++) {
                    $cases[] = [$name, gmdate('Y-m-d\TH:i', $change['ts'] + $change['offset'] + 60 * mt_rand(-200, 200))];
                }
            }
            for ($i = 0; $i < 60; $i++) {
                $cases[] = [$name, gmdate('Y-m-d\TH:i', mt_rand(gmmktime(0, 0, 0, 1, 1, 2020), gmmktime(0, 0, 0, 1, 1, 2036)))];
            }
        }
        self::assertGreaterThan(4000, count($cases));
        $file = (string) tempnam(sys_get_temp_dir(), 'moments');
        file_put_contents($file, implode("\n", array_map(static fn(array $c): string => implode("\t", $c), $cases))."\n");
        $theirs = explode("\n", trim((string) shell_exec('node '.escapeshellarg(__DIR__.'/moments.mjs').' < '.escapeshellarg($file))));
        unlink($file);
        $differ = $otherRules = 0;
        foreach ($cases as $i => [$name, $written]) {
            $zone = new \DateTimeZone($name);
            $their = new \DateTimeImmutable($theirs[$i]);
            // Zones change their rules; where the two databases are of different age, neither reading is wrong.
            if (
                $zone
                    ->getOffset($their) !== (new \DateTimeImmutable($written, new \DateTimeZone('UTC')))
                    ->getTimestamp() - $their
                    ->getTimestamp()
                && self::isPlain($written, $zone)
            ) {
                $otherRules++;

                continue;
            }
            $differ += LocalMoment::at($written, $zone)->getTimestamp() === $their->getTimestamp() ? 0 : 1;
        }
        self::assertSame(0, $differ);
        self::assertLessThan(0.1 * count($cases), $otherRules);
    }

    /** Whether the moment comes exactly once. */
    private static function isPlain(string $written, \DateTimeZone $zone): bool
    {
        $wall = new \DateTimeImmutable($written, new \DateTimeZone('UTC'));

        return $zone->getOffset($wall->modify('-36 hours')) === $zone->getOffset($wall->modify('+36 hours'));
    }
}
