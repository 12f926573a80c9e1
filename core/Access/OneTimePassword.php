<?php

declare(strict_types=1);

namespace Ikat\Core\Access;

/** Passwords that hold for half a minute: RFC 6238 (TOTP) over RFC 4226 (HOTP). No well-kept package of it can be had here. */
final class OneTimePassword
{
    /** Seconds a password holds: RFC 6238, section 4.1. */
    public const PERIOD = 30;

    /** Steps before and after the present one that still count, for clocks that differ: RFC 6238, section 5.2. */
    private const DRIFT = 1;
    private const DIGITS = 6;

    /**
     * @param string $secret bytes
     * @param int $counter 0 and up
     * @param int $digits 6 to 8
     * @param 'sha1'|'sha256'|'sha512' $algorithm
     */
    public static function at(string $secret, int $counter, int $digits = self::DIGITS, string $algorithm = 'sha1'): string
    {
        $hash = hash_hmac($algorithm, pack('J', $counter), $secret, true);
        // Dynamic truncation: RFC 4226, section 5.3.
        $offset = ord($hash[strlen($hash) - 1]) & 0xF;
        /** @var array{1: int} $word */
        $word = unpack('N', substr($hash, $offset, 4));
        $number = $word[1] & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * The step a password belongs to, or null when it is not one that holds now.
     *
     * @param string $secret bytes
     * @param int $time Unix time
     * @param int $last the last step a password was taken of: each counts once (RFC 6238, section 5.2)
     */
    public static function step(string $secret, string $password, int $time, int $last = -1): ?int
    {
        $now = intdiv($time, self::PERIOD);
        $found = null;
        for ($step = $now - self::DRIFT; $step <= $now + self::DRIFT; $step++) {
            // All are compared, so that how long it takes says nothing.
            if (hash_equals(self::at($secret, $step), $password) && $step > $last) {
                $found ??= $step;
            }
        }

        return $found;
    }

    /** What an authenticator reads from a code: the key URI format, common practice, no standard. */
    public static function address(string $secret, string $account): string
    {
        return sprintf(
            'otpauth://totp/Ikat:%s?secret=%s&issuer=Ikat&algorithm=SHA1&digits=%d&period=%d',
            rawurlencode($account),
            Base32::encode($secret),
            self::DIGITS,
            self::PERIOD,
        );
    }
}
