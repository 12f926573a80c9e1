<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\User;

/** Who makes an edit: a person of the store, or a name where no person sits at it (the demo, the console). */
final readonly class Author
{
    public function __construct(public string $name, public ?int $userId = null) {}

    public static function of(User $user): self
    {
        return new self($user->name, $user->id);
    }
}
