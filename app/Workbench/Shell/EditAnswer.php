<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Looks\Author;
use App\Models\Edit;
use App\Models\Look;
use App\Models\User;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\SpokenTops;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Look\Change;
use Illuminate\Http\Response;

/** What every edit answers with: the bench, the bar, the steps and the tape, and what the shop window needs to follow. */
final class EditAnswer
{
    public function __construct(private readonly BenchMaker $maker) {}

    public function look(int $id): Look
    {
        return $this->maker->look($id);
    }

    /** @param array<string, mixed> $more what the panel tells besides */
    public function to(TypedRequest $request, Look $look, ?Edit $made, array $more = []): Response
    {
        $bench = $this->maker->make($request, $look)->prepare();

        return $this->maker->answer('workbench.shell.answer', $bench, [...$more, 'tells' => ['ikat:edited' => self::event($bench, $made)]]);
    }

    public static function author(TypedRequest $request): Author
    {
        $user = $request->user();
        assert($user instanceof User);

        return Author::of($user);
    }

    /** A question was answered under its form; what comes of it is shown on all of the bench. */
    public static function onBench(Response $response): Response
    {
        $response->headers->set('HX-Retarget', '#bench');
        $response->headers->set('HX-Reswap', 'morph:innerHTML');

        return $response;
    }

    /** A sentence for somebody whose wish cannot be met; nothing was changed. */
    public static function refuse(string $words): Response
    {
        return response($words, 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
    }

    /** @return array{sheet: string, folded: array<string, string>, reload: bool, words: string, places: array<string, list<int>>} */
    private static function event(Bench $bench, ?Edit $made): array
    {
        $changes = $made === null ? [] : $made->entry()->changes;
        $structural = array_filter(
            $changes,
            static fn(Change $c): bool => ! $bench->catalog()->has($c->path) || ! $bench->setting($c->path)->isCss(),
        );

        return [
            'sheet' => $bench->sheet(),
            'folded' => self::folded($bench),
            'reload' => $structural !== [],
            'words' => $made === null ? 'Nothing changed.' : ucfirst($made->kind).': '.$made->label.'.',
            'places' => $made === null ? [] : $bench->lastReach()->places ?? [],
        ];
    }

    /** @return array<string, string> code of each language the shop is read in => screens on which its menu is folded away */
    private static function folded(Bench $bench): array
    {
        $inspection = $bench->inspection();
        $first = $bench->look->storefront->firstLanguage();
        $spoken = $inspection->get(SpokenTops::class);

        return [
            $first => $inspection->get(HeaderSolver::class)->foldedOn(),
            ...array_map(
                static fn(Dictionary $d): string => $spoken->in($d->language->code, $inspection)->header->foldedOn(),
                $spoken->dictionaries,
            ),
        ];
    }
}
