<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\Setting;

/** What a publish would change: one line for each cause, with what only follows it told beside it. */
final readonly class ReleaseChanges
{
    /**
     * @param list<array{setting: Setting, before: bool|float|string|null, after: bool|float|string, followers: list<Setting>}> $lines in
     *     the order of the catalog; before is null for what the release does not have
     */
    private function __construct(public array $lines) {}

    /** @param array<string, bool|float|int|string> $live values of the release, by path; JSON may have turned 4.0 into 4 */
    public static function of(ResolvedLook $look, array $live): self
    {
        $changed = $look->changedSince($live);
        $lines = [];
        foreach ($changed as $path => $resolution) {
            // A follower changes because what it follows did, and is told there.
            $cause = array_values(array_filter($resolution->chain, static fn(string $followed): bool => isset($changed[$followed])));
            // What is new and only linked to something brings nothing of its own: what brought it is told.
            $isNew = ! array_key_exists($path, $live) && $resolution->chain !== [];
            if ($cause === [] && ! $isNew) {
                $lines[$path] = [
                    'setting' => $resolution->setting, 'before' => LookState::canonical($live[$path] ?? null),
                    'after' => $resolution->value, 'followers' => [],
                ];
            }
        }
        foreach ($changed as $resolution) {
            foreach (array_reverse($resolution->chain) as $cause) {
                if (isset($lines[$cause])) {
                    $lines[$cause]['followers'][] = $resolution->setting;

                    break;
                }
            }
        }

        return new self(array_values($lines));
    }
}
