<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Workbench\Shell\BenchMaker;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Response;

/** A table of the Storeroom over the bench of a step that needs one of its things. */
final class OverController
{
    /** What an address of the shop begins with => kind of record and model it leads to. */
    private const LED_TO = [
        'product' => [RecordKinds::GOODS, \App\Models\Product::class],
        'category' => [RecordKinds::CATEGORIES, \App\Models\Category::class],
        'page' => [RecordKinds::PAGES, \App\Models\Page::class],
    ];

    public function __construct(private readonly BenchMaker $maker) {}

    public function show(TypedRequest $request, int $look): Response
    {
        $found = $this->maker->look($look);
        $request->merge(['over' => '1', ...$this->meant($request->word('address', '', 200))]);

        return $this->maker->answer('workbench.storeroom.over', $this->maker->make($request, $found, 'storeroom'));
    }

    /** @return array<string, string> the state that opens what an address of the shop leads to; none where it leads to no record */
    private function meant(string $address): array
    {
        [, $kind, $slug] = explode('/', strtok($address, '?') ?: '', 3) + ['', '', ''];
        if (! isset(self::LED_TO[$kind])) {
            return [];
        }
        [$key, $model] = self::LED_TO[$kind];
        $record = $model::query()->where('slug', $slug)->first();

        return ['open_kind' => $key, ...($record instanceof Model ? ['open_record' => (string) $record->getKey()] : [])];
    }
}
