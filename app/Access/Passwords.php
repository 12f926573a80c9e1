<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;

/** What a password must be, and whether one is somebody's. */
final class Passwords
{
    /** Characters: OWASP ASVS 4.0.3, 2.1.1. */
    public const LEAST = 12;

    /** Bytes: what the hash reads; more would be cut, and two passwords would be one. */
    private const MOST = 72;

    /** A sentence about what is wrong with a password, or null. */
    public static function problem(string $password, string $again, ?User $user = null): ?string
    {
        $plain = mb_strtolower($password);

        return match (true) {
            $password !== $again => 'The two passwords are not the same. Write the new one twice.',
            mb_strlen($password) < self::LEAST => 'A password has at least '.self::LEAST
                .' characters. A few words in a row are easy to keep in mind.',
            strlen($password) > self::MOST => 'A password has at most '.self::MOST.' characters here.',
            count(array_unique(mb_str_split($plain))) < 5 => 'That password repeats itself. Choose one that is harder to guess.',
            $user !== null
                && (str_contains(
                    $plain,
                    mb_strtolower($user->email),
                ) || $plain === mb_strtolower($user->name)) => 'A password that holds your own address or name is guessed first. Choose '
                    .'another one.',
            default => null,
        };
    }

    /** The same work is done whether or not the person exists: how long it takes says nothing. */
    public static function belongsTo(?User $user, string $password): bool
    {
        $isRight = Hash::check($password, $user->password ?? self::nobodys());

        return $isRight && $user !== null;
    }

    private static function nobodys(): string
    {
        return Cache::rememberForever('nobodys-password', static fn(): string => Hash::make(bin2hex(random_bytes(16))));
    }
}
