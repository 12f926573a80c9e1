<?php

declare(strict_types=1);

namespace App\Workbench\Logo;

use App\Http\TypedRequest;
use App\Inspection\LogoInspector;
use App\Inspection\LogoProposals;
use App\Looks\Bases;
use App\Looks\EditLook;
use App\Looks\LookReader;
use App\Looks\TakeBase;
use App\Models\Look;
use App\Models\Mail;
use App\Pictures\KeepPicture;
use App\Pictures\UnusablePicture;
use App\Tasks\Tasks;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Look\ResolvedLook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The logo: brought in, trimmed, made in another color, its colors taken. Every one is one edit of the look. */
final class LogoController
{
    public function __construct(
        private readonly EditAnswer $answer,
        private readonly LookReader $looks,
        private readonly LogoInspector $logos,
        private readonly EditLook $edit,
        private readonly KeepPicture $keep,
    ) {}

    /** A file chosen, dropped or pasted. */
    public function upload(TypedRequest $request, int $look): Response
    {
        $file = $request->uploaded('file');
        if ($file === null) {
            return EditAnswer::refuse('Choose a file, drop one here, or paste a picture.');
        }
        if (Tasks::isHeavy($file)) {
            return EditAnswer::refuse('A logo needs no more than 16 million pixels, and this one has more. Save it smaller, and try '
                .'again.');
        }
        $found = $this->answer->look($look);
        $name = $this->looks->of($found)->resolved()->text('header.logo.name');
        try {
            $picture = $this->keep->add($file, "The logo of $name");
        } catch (UnusablePicture $e) {
            return EditAnswer::refuse($e->getMessage());
        }
        if ($this->logos->facts($picture)->trim === null) {
            return EditAnswer::refuse('Nothing is drawn on that picture, so it cannot be a logo. It is in the picture library, and the '
                .'logo is as it was.');
        }
        $path = $request->word('as') === 'dark' ? 'header.logo.dark' : 'header.logo.picture';

        return $this->made(
            $request,
            $found,
            ['header.logo.kind' => 'picture', $path => $picture->name],
            $path === 'header.logo.dark' ? 'a logo for dark grounds' : 'a new logo',
        );
    }

    public function trim(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        $picture = $this->logos->picture($this->looks->of($found)->resolved()) ?? throw new NotFoundHttpException();
        $trimmed = $this->logos->trimmed($picture);
        if ($trimmed === null) {
            return EditAnswer::refuse('There is nothing to trim.');
        }

        return $this->made(
            $request,
            $found,
            ['header.logo.picture' => $this->keep->derive($picture, 'trimmed', $trimmed)->name],
            'margins trimmed',
        );
    }

    /** A lighter version of a one-ink logo for dark grounds, or a darker one in its place. */
    public function version(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        $resolved = $this->looks->of($found)->resolved();
        $picture = $this->logos->picture($resolved) ?? throw new NotFoundHttpException();
        if (! $this->logos->facts($picture)->isOneInk()) {
            return EditAnswer::refuse('Only a logo of one ink on a clear ground can be made in another color. Bring a second file for '
                .'dark grounds instead.');
        }
        $isLight = $request->word('make') === 'light';
        $hex = $resolved->text($isLight ? 'brand.paper' : 'brand.ink');
        $inColor = $this->logos->inColor($picture, $hex);
        if ($inColor === null) {
            return EditAnswer::refuse('The logo’s file cannot be read. Bring it in again, and try once more.');
        }
        $made = $this->keep->derive($picture, $isLight ? 'light' : 'dark', $inColor);

        return $this->made(
            $request,
            $found,
            [$isLight ? 'header.logo.dark' : 'header.logo.picture' => $made->name],
            $isLight ? 'a lighter logo for dark grounds' : 'a darker logo',
        );
    }

    /** Takes a proposal of brand colors made from the logo, on the look's own theme or another. */
    public function colors(TypedRequest $request, int $look, LogoProposals $proposals, Bases $bases, TakeBase $take): Response
    {
        $found = $this->answer->look($look);
        $base = $request->has('theme') ? $bases->named($request->word('theme'), $request->word('starter')) : null;
        $proposal = $proposals->proposals(
            $found,
            $this->inks($this->looks->of($found)->resolved()),
            $base,
        )[$request->whole('proposal', 0, 0, 20)] ?? throw new NotFoundHttpException();

        return $this->answer->to(
            $request,
            $found,
            $take(
                $found,
                $base ?? $this->looks->of($found)->base,
                $request->id('seen'),
                EditAnswer::author($request),
                LogoProposals::changes($found, $proposal),
                $base === null ? 'colors from the logo' : null,
            ),
        );
    }

    public function mailbox(int $look): View
    {
        $found = $this->answer->look($look);

        return view(
            'workbench.logo.mailbox',
            [
                'look' => $found,
                'mails' => Mail::query()->where('storefront_id', $found->storefront_id)->orderByDesc('id')->limit(50)->get(),
            ],
        );
    }

    /** @return list<string> */
    private function inks(ResolvedLook $resolved): array
    {
        $picture = $this->logos->picture($resolved);

        return $picture === null ? [] : array_column($this->logos->facts($picture)->inks, 'hex');
    }

    /** @param array<string, string> $changes */
    private function made(TypedRequest $request, Look $look, array $changes, string $label): Response
    {

        return $this->answer->to(
            $request,
            $look,
            ($this->edit)($look, $changes, $request->id('seen'), EditAnswer::author($request), $label),
        );
    }
}
