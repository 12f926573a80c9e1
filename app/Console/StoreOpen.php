<?php

declare(strict_types=1);

namespace App\Console;

use App\Access\Passwords;
use App\Models\Look;
use App\Models\User;
use App\Storeroom\OpenStore;
use Illuminate\Console\Command;

/** Opens a new, empty store. */
final class StoreOpen extends Command
{
    protected $signature = 'store:open {name : what it is called} {email : of its owner} {--country=US : where it is, ISO 3166-1}
        {--zone=America/New_York : the time zone of its clock} {--person=Owner : what its owner is called}
        {--password= : of its owner; asked for where it is not given}';

    protected $description = 'Open a new, empty store with its owner, a locked storefront and a first look';

    public function handle(OpenStore $open): int
    {
        [$name, $email, $country, $zone] = [
            $this->argument('name'),
            mb_strtolower($this->argument('email')),
            $this->option('country'),
            $this->option('zone'),
        ];
        $password = $this->option('password') ?? (string) $this->secret('Password of the owner');
        $problem = match (true) {
            trim($name) === '' => 'Say what the store is called.',
            filter_var($email, FILTER_VALIDATE_EMAIL) === false => "“{$email}” is no e-mail address.",
            User::query()->where('email', $email)->exists() => "Somebody with the address $email works in a store here already.",
            ! isset(OpenStore::countries()[$country]) => "“{$country}” is no country: write two letters, like US.",
            ! in_array($zone, \DateTimeZone::listIdentifiers(), true) => "“{$zone}” is no time zone: write one like America/New_York.",
            default => Passwords::problem($password, $password),
        };
        if ($problem !== null) {
            $this->error($problem);

            return self::FAILURE;
        }
        $owner = $open($name, $country, $zone, $this->option('person'), $email, $password);
        $look = Look::query()->withoutGlobalScope('store')->where('store_id', $owner->store_id)->firstOrFail();
        $this->line("Opened $name. Its owner signs in as $owner->email; its first look is $look->id.");

        return self::SUCCESS;
    }
}
