<?php

declare(strict_types=1);

namespace App\Workbench\Start;

use App\Access\AuditTrail;
use App\Http\TypedRequest;
use App\Looks\BringTheme;
use App\Looks\UnconfirmedFonts;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Exchange\UnusablePackage;
use Illuminate\Http\Response;

/** Theme packages in and out. */
final class PackageController
{
    public function __construct(private readonly EditAnswer $answer, private readonly AuditTrail $audit) {}

    public function export(int $look, PackageWriter $packages): Response
    {
        [$name, $bytes] = $packages->export($this->answer->look($look));

        return response($bytes, 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }

    public function import(TypedRequest $request, int $look, BringTheme $bring): Response
    {
        $file = $request->uploaded('package');
        if ($file === null || ! $file->isValid()) {
            return EditAnswer::refuse('Choose a theme package first: a zip file of at most 16 MB.');
        }
        try {
            $theme = $bring->import(
                $file->getPathname(),
                $request->word('confirmed') === 'yes' ? EditAnswer::author($request)->name : null,
            );
        } catch (UnconfirmedFonts $e) {
            return response()->view('workbench.start.package-fonts', ['fonts' => $e->fonts]);
        } catch (UnusablePackage $e) {
            return response()->view('workbench.start.package-problems', ['problems' => $e->problems], 422);
        }

        $this->audit->note('theme brought in', "$theme->name $theme->version");

        return EditAnswer::onBench($this->answer->to($request, $this->answer->look($look), null));
    }

    public function remove(TypedRequest $request, int $look, BringTheme $bring): Response
    {
        if (! $bring->remove($request->word('theme'))) {
            return EditAnswer::refuse('A look stands on this theme, so it stays. Put that look on another theme first.');
        }
        $this->audit->note('theme removed', $request->word('theme'));

        return $this->answer->to($request, $this->answer->look($look), null);
    }
}
