<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Where somebody is signed in. A session that is ended is gone with its row. */
final class Sessions
{
    /** @return list<array{key: string, here: bool, agent: string, ip: string, seen: Carbon}> the latest first */
    public function of(User $user, string $current): array
    {
        $rows = DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->limit(50)->get();

        return array_values($rows->map(static fn(object $row): array => [
            'key' => self::key($row->id),
            'here' => $row->id === $current,
            'agent' => self::agent((string) $row->user_agent),
            'ip' => (string) $row->ip_address,
            'seen' => Carbon::createFromTimestamp((int) $row->last_activity),
        ])->all());
    }

    /** @param string $key as of() gave it: the id itself never stands on a page */
    public function end(User $user, string $key): bool
    {
        foreach (DB::table('sessions')->where('user_id', $user->id)->pluck('id') as $id) {
            if (hash_equals(self::key((string) $id), $key)) {
                return DB::table('sessions')->where('id', $id)->delete() === 1;
            }
        }

        return false;
    }

    public function endAll(User $user, ?string $except = null): void
    {
        DB::table('sessions')
            ->where('user_id', $user->id)
            ->when($except !== null, static fn($q) => $q->where('id', '<>', $except))
            ->delete();
    }

    private static function key(string $id): string
    {
        return substr(hash('sha256', "session|$id"), 0, 24);
    }

    /** "Chromium on Linux": as far as a browser says what it is. */
    private static function agent(string $agent): string
    {
        $first = static function (array $names, string $otherwise) use ($agent): string {
            foreach ($names as $sign => $name) {
                if (str_contains($agent, $sign)) {
                    return $name;
                }
            }

            return $otherwise;
        };
        $browser = $first(['Edg/' => 'Edge', 'Firefox/' => 'Firefox', 'Chrome/' => 'Chromium', 'Safari/' => 'Safari'], 'A browser');
        $system = $first(
            [
                'Android' => 'Android', 'iPhone' => 'iPhone', 'iPad' => 'iPad', 'Windows' => 'Windows', 'Mac OS' => 'macOS',
                'Linux' => 'Linux',
            ],
            '',
        );

        return $system === '' ? $browser : "$browser on $system";
    }
}
