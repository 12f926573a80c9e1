<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Looks\BackToOriginal;
use App\Looks\EditLook;
use App\Looks\StepThroughJournal;
use Ikat\Core\Setting\Setting;
use Illuminate\Http\Response;

/** Edits of a look, and the way back. */
final class EditController
{
    public function __construct(private readonly EditAnswer $answer, private readonly Steps $steps) {}

    public function edit(EditRequest $request, int $look, EditLook $edit): Response
    {
        $found = $this->answer->look($look);
        $made = $edit($found, $request->changes(), $request->id('seen'), EditAnswer::author($request));

        return $this->answer->to($request, $found, $made);
    }

    public function undo(TypedRequest $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->answer->look($look);

        return $this->answer->to($request, $found, $journal->undo($found, EditAnswer::author($request)));
    }

    public function redo(TypedRequest $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->answer->look($look);

        return $this->answer->to($request, $found, $journal->redo($found, EditAnswer::author($request)));
    }

    public function reopen(TypedRequest $request, int $look, StepThroughJournal $journal): Response
    {
        $found = $this->answer->look($look);

        return $this->answer->to($request, $found, $journal->reopen($found, $request->id('sequence'), EditAnswer::author($request)));
    }

    /** Takes the own changes of a step back, or all of them; or of all only what is style and not content. */
    public function original(TypedRequest $request, int $look, BackToOriginal $back): Response
    {
        $found = $this->answer->look($look);
        $only = $request->word('only');
        $step = $this->steps->find($only);
        [$isMeant, $label] = match (true) {
            $step !== null => [static fn(?Setting $s): bool => $s?->step === $step->key(), "{$step->label()} back to the original"],
            $only === 'style' => [static fn(?Setting $s): bool => $s !== null && $s->isStyle(), 'colors and shapes back to the original'],
            default => [static fn(): bool => true, 'all back to the original'],
        };

        return $this->answer->to($request, $found, $back($found, $isMeant, $label, EditAnswer::author($request)));
    }
}
