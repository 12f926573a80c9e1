<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Transaction;
use App\Models\User;
use Illuminate\Console\Command;

/** After an exchange of keys: what was locked with an earlier key is locked with the present one, and the earlier may go. */
final class SecretsRenew extends Command
{
    protected $signature = 'secrets:renew';

    protected $description = 'Lock what is encrypted in the database with the present key';

    public function handle(): int
    {
        $count = Transaction::run(static function (): int {
            $people = User::query()->whereNotNull('factor_secret')->lockForUpdate()->get();
            foreach ($people as $person) {
                $secret = $person->factor_secret;
                User::query()->whereKey($person->id)->update(['factor_secret' => encrypt($secret, false)]);
            }

            return $people->count();
        });
        $this->line($count === 1 ? 'One secret is locked anew.' : "$count secrets are locked anew.");

        return self::SUCCESS;
    }
}
