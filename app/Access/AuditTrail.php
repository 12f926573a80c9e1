<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\AuditEntry;
use App\Models\User;
use Illuminate\Http\Request;

/** Notes sign-ins, publishes, people and deletions. No password, token or code is ever in it. */
final class AuditTrail
{
    public function __construct(private readonly Request $request) {}

    /** @param ?User $user who did it; the signed-in person where nobody is named */
    public function note(string $what, string $detail = '', ?User $user = null): void
    {
        $user ??= $this->request->user();
        $known = $user instanceof User ? $user : null;
        AuditEntry::query()->create([
            'store_id' => $known?->store_id, 'user_id' => $known?->id, 'who' => $known === null ? '' : mb_substr($known->name, 0, 200),
            'what' => $what, 'detail' => mb_substr($detail, 0, 300), 'ip_address' => (string) $this->request->ip(),
        ]);
    }
}
