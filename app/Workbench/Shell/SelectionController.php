<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Reach\SelectedThing;
use Illuminate\Contracts\View\View;
use Illuminate\Validation\ValidationException;

/** What was picked in the shop window: what it is made of, and where each of that is changed. Nothing here changes anything. */
final class SelectionController
{
    /** Elements around a thing that are read, and settings each may name. */
    private const MOST = 24;

    public function __construct(private readonly BenchMaker $maker) {}

    /** @throws ValidationException when what was picked cannot be read */
    public function show(TypedRequest $request, int $look): View
    {
        $bench = $this->maker->make($request, $this->maker->look($look));
        $resolved = $bench->snapshot->resolved();
        $part = $request->word('part');
        $index = $bench->inspection()->get(ReachIndex::class);
        $thing = SelectedThing::of($index, $request->word('page'), self::chain($request), $part, $resolved);
        $catalog = $bench->catalog();

        return view('workbench.shell.selected', [
            'bench' => $bench, 'look' => $resolved, 'thing' => $thing, 'name' => mb_substr($request->word('name', 'This'), 0, 80),
            'main' => $thing->opensAt($bench->step->key()) ?? $catalog->ofPart($part)[0] ?? null,
            'place' => ListPlace::of($part, $resolved), 'part' => $part,
        ]);
    }

    /**
     * @return list<array{number: int, from: list<string>}>
     *
     * @throws ValidationException
     */
    private static function chain(TypedRequest $request): array
    {
        $read = json_decode($request->word('chain', '[]', 8000), true, 4);
        $chain = [];
        foreach (is_array($read) ? array_slice($read, 0, self::MOST) : [] as $element) {
            [$number, $from] = is_array($element) ? [...array_values($element), null, null] : [null, null];
            if (! is_int($number) || ! is_string($from)) {
                throw ValidationException::withMessages(['chain' => 'What was picked could not be read. Pick it again.']);
            }
            $chain[] = ['number' => $number, 'from' => array_slice(explode(' ', $from), 0, self::MOST)];
        }

        return $chain;
    }
}
