<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Access\AuditTrail;
use App\Database\Transaction;
use App\Fonts\KeepFont;
use App\Fonts\OwnFonts;
use App\Fonts\UnusableFont;
use App\Http\TypedRequest;
use App\Looks\EditLook;
use App\Looks\LookReader;
use App\Models\Look;
use App\Models\OwnFont;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\FontKind;
use Illuminate\Http\Response;

/** The brand's own fonts: read, confirmed, kept and removed. */
final class OwnFontController
{
    public function __construct(
        private readonly BenchMaker $maker,
        private readonly OwnFonts $fonts,
        private readonly LookReader $looks,
        private readonly EditAnswer $answer,
        private readonly AuditTrail $audit,
    ) {}

    /** Asks first what the license says; kept is what somebody confirmed. */
    public function add(TypedRequest $request, int $look, KeepFont $keep, EditLook $edit): Response
    {
        $found = $this->maker->look($look);
        $file = $request->uploaded('font');
        if ($file === null) {
            return EditAnswer::refuse('Choose a font file first: TTF, OTF, WOFF or WOFF2, up to 4 MB.');
        }
        try {
            if ($request->word('confirmed') !== 'yes') {
                return response()->view('workbench.fonts.own-font-asked', [
                    'facts' => $keep->read($file), 'fonts' => OwnFont::query()->orderBy('id')->get(),
                ]);
            }
            $font = $keep($file, EditAnswer::author($request)->name, FontKind::tryFrom($request->word('kind')));
        } catch (UnusableFont $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        $this->audit->note('font brought in', $font->name);
        $instead = OwnFont::query()->where('key', $request->word('instead'))->value('key');
        $moved = $instead === null ? [] : array_fill_keys(array_keys($found->ownChanges()->own, $instead, true), $font->key);
        if ($moved !== []) {
            $this->forget();
            $made = $edit($found, $moved, $request->id('seen'), EditAnswer::author($request), "$font->name in place of another font");

            return EditAnswer::onBench($this->answer->to($request, $found, $made));
        }

        return $this->changed($request, $found, "$font->name is kept. It stands before the other families.");
    }

    public function remove(TypedRequest $request, int $look, int $font): Response
    {
        $found = $this->maker->look($look);
        $removed = OwnFont::query()->findOrFail($font);
        Transaction::run(static fn() => $removed->delete());

        $this->audit->note('font removed', $removed->name);

        return $this->changed($request, $found, "$removed->name was removed. Bring its file again to have it back.");
    }

    private function changed(TypedRequest $request, Look $look, string $words): Response
    {
        $this->forget();

        return EditAnswer::onBench($this->maker->answer(
            'workbench.shell.answer',
            $this->maker->make($request, $look, StepKey::FONTS),
            ['tells' => ['ikat:told' => ['words' => $words]]],
        ));
    }

    /** What the store has is read anew. */
    private function forget(): void
    {
        $this->fonts->forget();
        $this->looks->forget();
    }
}
