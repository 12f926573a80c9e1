<?php

declare(strict_types=1);

namespace App\Http\Workbench;

use App\Actions\EditLook;
use App\Actions\StepThroughJournal;
use App\Looks\Bench;
use App\Models\Edit;
use App\Models\Look;
use App\Models\User;
use Ikat\Core\Look\Change;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Edits of a look, and the way back. Every one answers alike: the bench, the bar, the steps and the tape. */
final class EditController
{
    public function __construct(private readonly BenchMaker $maker) {}

    public function edit(EditRequest $request, int $look, EditLook $edit): Response
    {
        $found = $this->maker->look($look);
        $user = $this->user($request);
        $made = $edit($found, $request->changes(), $request->integer('seen'), $user->name, $user->id);

        return $this->answer($request, $found, $made);
    }

    public function undo(Request $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->maker->look($look);
        $user = $this->user($request);

        return $this->answer($request, $found, $journal->undo($found, $user->name, $user->id));
    }

    public function redo(Request $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->maker->look($look);
        $user = $this->user($request);

        return $this->answer($request, $found, $journal->redo($found, $user->name, $user->id));
    }

    public function reopen(Request $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->maker->look($look);
        $user = $this->user($request);

        return $this->answer($request, $found, $journal->reopen($found, max(0, $request->integer('sequence')), $user->name, $user->id));
    }

    private function answer(Request $request, Look $look, ?Edit $made): Response
    {
        $bench = $this->maker->make($request, $look);
        $response = response()->view('workbench.answer', ['bench' => $bench]);
        $response->headers->set('HX-Trigger', json_encode(['ikat:edited' => $this->event($bench, $made)], JSON_THROW_ON_ERROR));

        return $response;
    }

    /**
     * What the shop window needs to follow.
     *
     * @return array{sheet: string, reload: bool, words: string, places: array<string, list<int>>}
     */
    private function event(Bench $bench, ?Edit $made): array
    {
        $changes = $made === null ? [] : $made->entry()->changes;
        $structural = array_filter($changes, static fn(Change $c): bool => ! $bench->input()->look->catalog->has($c->path)
            || ! $bench->setting($c->path)->isCss());

        return [
            'sheet' => $bench->sheet(),
            'reload' => $structural !== [],
            'words' => $made === null ? 'Nothing changed.' : ucfirst($made->kind).': '.$made->label.'.',
            'places' => count($changes) === 1 && $bench->input()->look->catalog->has($changes[0]->path) ? $bench->places($changes[0]->path) : [],
        ];
    }

    private function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
