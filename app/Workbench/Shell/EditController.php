<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Looks\BackToOriginal;
use App\Looks\EditLook;
use App\Looks\StepThroughJournal;
use Ikat\Core\Setting\Step;
use Illuminate\Http\Response;

/** Edits of a look, and the way back. */
final class EditController
{
    public function __construct(private readonly EditAnswer $answer) {}

    public function edit(EditRequest $request, int $look, EditLook $edit): Response
    {
        $found = $this->answer->look($look);
        $user = EditAnswer::author($request);
        $made = $edit($found, $request->changes(), $request->id('seen'), $user->name, $user->id);

        return $this->answer->to($request, $found, $made);
    }

    public function undo(TypedRequest $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->answer->look($look);
        $user = EditAnswer::author($request);

        return $this->answer->to($request, $found, $journal->undo($found, $user->name, $user->id));
    }

    public function redo(TypedRequest $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->answer->look($look);
        $user = EditAnswer::author($request);

        return $this->answer->to($request, $found, $journal->redo($found, $user->name, $user->id));
    }

    public function reopen(TypedRequest $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->answer->look($look);
        $user = EditAnswer::author($request);

        return $this->answer->to($request, $found, $journal->reopen($found, $request->id('sequence'), $user->name, $user->id));
    }

    /** Takes the own changes of a step back, or all of them. */
    public function original(TypedRequest $request, int $look, BackToOriginal $back): Response
    {
        $found = $this->answer->look($look);
        $user = EditAnswer::author($request);

        return $this->answer->to($request, $found, $back($found, Step::tryFrom($request->word('only')), $user->name, $user->id));
    }
}
