<?php

declare(strict_types=1);

namespace App\Access;

use App\Database\Transaction;
use App\Models\AccessLink;
use App\Models\CurrentStore;
use App\Models\Mail;
use App\Models\Role;
use App\Models\Store;
use App\Models\User;

/** Ways in that are sent by letter: to choose a new password, or to join a store. */
final class AccessLinks
{
    public const RESET = 'reset';
    public const INVITATION = 'invitation';

    /** Hours each holds. */
    private const HOURS = [self::RESET => 1, self::INVITATION => 72];

    public function __construct(private readonly CurrentStore $store) {}

    public function reset(User $user): void
    {
        $this->send(
            $user->store_id,
            ['user_id' => $user->id, 'email' => $user->email, 'purpose' => self::RESET],
            'Choose a new password for Ikat',
            'Somebody asked for a new password for this address. If it was not you, there is nothing to do: the password stays as it is.',
            'reset',
        );
    }

    public function invite(int $store, string $email, string $name, Role $role, string $by): void
    {
        $this->send(
            $store,
            ['email' => $email, 'name' => $name, 'role' => $role->value, 'purpose' => self::INVITATION],
            'You are asked to join a store in Ikat',
            "$by asks you to join ".(Store::query()->findOrFail($store)->name)." as its {$role->value}.",
            'invitation',
        );
    }

    /** The link a token opens, or null when it does not hold (any more). */
    public function find(string $purpose, string $token): ?AccessLink
    {
        return AccessLink::query()
            ->where('purpose', $purpose)
            ->whereNull('used_at')
            ->where('expires_at', '>', now())
            ->firstWhere('token_hash', self::hash($token));
    }

    /**
     * @template T
     *
     * @param callable(AccessLink): T $then
     *
     * @return ?T null when somebody has used it meanwhile
     */
    public function use(AccessLink $link, callable $then): mixed
    {
        return Transaction::run(static function () use ($link, $then): mixed {
            $used = AccessLink::query()->whereKey($link->id)->whereNull('used_at')->update(['used_at' => now()]);
            if ($used === 1 && $link->user_id !== null) {
                AccessLink::query()->where('user_id', $link->user_id)->whereNull('used_at')->update(['used_at' => now()]);
            }

            return $used === 1 ? $then($link) : null;
        });
    }

    /** @param array<string, mixed> $row */
    private function send(int $store, array $row, string $subject, string $words, string $way): void
    {
        $token = bin2hex(random_bytes(32));
        $hours = self::HOURS[$row['purpose']];
        $this->store->is($store);
        $address = rtrim((string) config('app.url'), '/')."/workbench/$way/$token";
        $html = view('access.letter', ['subject' => $subject, 'words' => $words, 'address' => $address, 'hours' => $hours])->render();
        Transaction::run(static function () use ($store, $row, $token, $hours, $subject, $html): void {
            if ($row['purpose'] === self::INVITATION) { // a second one, of another role perhaps, stands for the first
                AccessLink::query()
                    ->where(['store_id' => $store, 'email' => $row['email'], 'purpose' => self::INVITATION])
                    ->whereNull('used_at')
                    ->update(['used_at' => now()]);
            }
            AccessLink::query()->create([
                ...$row, 'store_id' => $store, 'token_hash' => self::hash($token), 'expires_at' => now()->addHours($hours),
            ]);
            Mail::query()->create(['storefront_id' => null, 'to' => $row['email'], 'subject' => $subject, 'html' => $html]);
        });
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
