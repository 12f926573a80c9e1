<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;

/**
 * What of the bench the browser has already. A write says which sections stand there untouched, each with its digest; one that would
 * be sent as it stands is only named, and stays.
 */
final class HeldSections
{
    /** A panel of forty sections names them in fewer characters. */
    public const MOST = 2000;

    /** @param array<string, string> $held id => digest */
    private function __construct(private readonly array $held) {}

    /** @throws \Illuminate\Validation\ValidationException when what is held cannot be read */
    public static function in(TypedRequest $request): self
    {
        preg_match_all('/([\w-]+):([0-9a-f]{16})/', $request->word('held', '', self::MOST), $found);

        return new self(array_combine($found[1], $found[2]));
    }

    public static function digest(string $html): string
    {
        return hash('xxh64', $html);
    }

    public function has(string $id, string $digest): bool
    {
        return ($this->held[$id] ?? null) === $digest;
    }
}
