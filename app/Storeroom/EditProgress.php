<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\CurrentStore;
use Illuminate\Support\Facades\Cache;

/** How far an edit of many records has come, for whoever waits for its answer: asked after by a word the asker chose. */
final class EditProgress
{
    /** Records from which somebody wants to know. */
    public const WORTH_TELLING = 500;

    private const SECONDS = 120;

    private string $word = '';

    private int $of = 0;

    private int $done = 0;

    public function __construct(private readonly CurrentStore $store) {}

    /** @param string $word small letters and figures; anything else is nobody's */
    public function tellTo(string $word): void
    {
        $this->word = preg_match('/^[a-z0-9]{8,40}$/D', $word) === 1 ? $word : '';
    }

    /** @param int $of records the edit has */
    public function begin(int $of): void
    {
        [$this->of, $this->done] = [$of, 0];
        $this->add(0);
    }

    public function add(int $records): void
    {
        $this->done += $records;
        if ($this->word !== '' && $this->of >= self::WORTH_TELLING) {
            Cache::put($this->key($this->word), ['done' => min($this->done, $this->of), 'of' => $this->of], self::SECONDS);
        }
    }

    /** @return ?array{done: int, of: int} null where nothing is known, or nothing worth telling is done */
    public function ask(string $word): ?array
    {
        return Cache::get($this->key($word));
    }

    private function key(string $word): string
    {
        return "edit-progress {$this->store->id()} ".hash('xxh128', $word);
    }
}
