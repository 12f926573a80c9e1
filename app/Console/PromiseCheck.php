<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\CurrentStore;
use App\Models\Store;
use App\Models\Storefront;
use App\Storeroom\OffersReader;
use Ikat\Core\Promise\Judge;
use Ikat\Core\Promise\Offers;

final class PromiseCheck extends AnswerCommand
{
    protected $signature = 'promise:check {text? : many are read from standard input, a line each} {--store=1 : number of the store}
        {--storefront= : its address; the store’s first with none} {--json}';

    protected $description = 'Say what words promise, each with what the store really offers';

    private ?Judge $judge = null;

    protected function columns(): array
    {
        return ['text'];
    }

    protected function answer(array $values): array
    {
        $this->judge ??= new Judge($this->offers());
        $promises = [];
        foreach ($this->judge->of($values[0]) as $judged) {
            $promises[] = [
                'kind' => $judged->claim->kind->value, 'said' => $judged->claim->said, 'true' => $judged->isTrue, 'offer' => $judged->why,
                'code' => $judged->claim->code === '' ? null : $judged->claim->code, 'percent' => $judged->claim->percent,
                'amount' => $judged->claim->amount === null ? null : $judged->claim->amount / 100,
                'minimum' => $judged->claim->minimum === null ? null : $judged->claim->minimum / 100,
                'until' => $judged->claim->until, 'instead' => $judged->mended($values[0]),
            ];
        }

        return ['text' => $values[0], 'promises' => $promises];
    }

    /** @throws \InvalidArgumentException when there is no such store or storefront */
    private function offers(): Offers
    {
        $store = Store::query()->find((int) $this->option('store'))
            ?? throw new \InvalidArgumentException(
                sprintf('There is no store %s. Give one that exists: --store=1.', $this->option('store')),
            );
        app(CurrentStore::class)->is($store->id);
        $storefront = Storefront::query()
            ->when($this->option('storefront'), static fn($q, $slug) => $q->where('slug', $slug))
            ->orderBy('id')
            ->first() ?? throw new \InvalidArgumentException(sprintf('The store has no storefront %s.', $this->option('storefront')));

        return app(OffersReader::class)->of($storefront->load('store'), now()->toImmutable());
    }
}
