<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\DB;

/**
 * The one place where writes begin: all or nothing, and tried again when the database breaks a deadlock by taking one side back.
 *
 * Rows are locked in one order everywhere, so that two writers wait for each other and never in a circle: storefront, look,
 * cart, products by id, and last what is only counted.
 */
final class Transaction
{
    private const TRIES = 6;

    /** Milliseconds: whoever was taken back waits a moment, each time a little longer, before it tries again. */
    private const PAUSE = 6;

    /**
     * @template T
     *
     * @param callable(): T $write may run several times: what it changes outside the database it must be able to change again
     *
     * @return T
     */
    public static function run(callable $write): mixed
    {
        $try = 0;

        return DB::transaction(static function () use ($write, &$try): mixed {
            if ($try++ > 0) {
                usleep(random_int(1, self::PAUSE * $try) * 1000);
            }

            return $write();
        }, self::TRIES);
    }
}
