<?php

declare(strict_types=1);

namespace App\Access;

use App\Database\Transaction;
use App\Models\User;
use Ikat\Core\Access\Base32;
use Ikat\Core\Access\OneTimePassword;

/** A password that holds for half a minute, from a device somebody has; and ten codes for the day it is lost. */
final class SecondFactor
{
    private const CODES = 10;

    /** Bytes: RFC 4226, section 4, R6 recommends 160 bits. */
    private const SECRET = 20;

    public static function secret(): string
    {
        return Base32::encode(random_bytes(self::SECRET));
    }

    /**
     * Turns it on, once the device has shown that it knows the secret.
     *
     * @return ?list<string> recovery codes, shown once; null when the password is wrong
     */
    public static function begin(User $user, string $secret, string $password): ?array
    {
        $step = OneTimePassword::step(Base32::decode($secret), $password, now()->getTimestamp());
        if ($step === null) {
            return null;
        }
        $codes = array_map(
            static fn(): string => implode('-', str_split(strtolower(Base32::encode(random_bytes(10))), 4)),
            range(1, self::CODES),
        );
        Transaction::run(static fn(): bool => $user->update([
            'factor_secret' => $secret, 'factor_since' => now(), 'factor_step' => $step,
            'recovery_codes' => array_map(self::hash(...), $codes),
        ]));

        return $codes;
    }

    public static function end(User $user): void
    {
        Transaction::run(static fn(): bool => $user->update([
            'factor_secret' => null, 'factor_since' => null, 'factor_step' => null, 'recovery_codes' => null,
        ]));
    }

    /** Whether what was typed is the password of this half minute, or a code that was not used yet; each counts once. */
    public static function accepts(User $user, string $typed): bool
    {
        $typed = strtolower((string) preg_replace('/[^A-Za-z0-9]/', '', $typed));

        return Transaction::run(static function () use ($user, $typed): bool {
            $locked = User::query()->lockForUpdate()->findOrFail($user->id);
            $step = OneTimePassword::step(
                Base32::decode((string) $locked->factor_secret),
                $typed,
                now()->getTimestamp(),
                $locked->factor_step ?? -1,
            );
            if ($step !== null) {
                return $locked->update(['factor_step' => $step]);
            }
            $codes = $locked->recovery_codes ?? [];
            $left = array_values(array_diff($codes, [self::hash(implode('-', str_split($typed, 4)))]));

            return count($left) < count($codes) && $locked->update(['recovery_codes' => $left]);
        });
    }

    /** Codes are long and random: a plain hash is enough, and finds them. */
    private static function hash(string $code): string
    {
        return hash('sha256', "recovery|$code");
    }
}
