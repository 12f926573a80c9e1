<?php

declare(strict_types=1);

namespace App\Workbench\Logo;

use App\Http\TypedRequest;
use App\Inspection\LogoInspector;
use App\Inspection\LogoProposals;
use App\Models\Picture;
use App\Pictures\LogoFacts;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsPanel;
use Ikat\Core\Palette\PaletteProposal;

/** The logo on every ground it stands on, its size true to the header, its colors, and the icons. */
final class LogoPanel extends ControlsPanel
{
    public function __construct(Bench $bench, TypedRequest $request, public readonly LogoInspector $logos, private readonly LogoProposals $proposals)
    {
        parent::__construct($bench, $request);
    }

    public function view(): string
    {
        return 'workbench.logo.panel';
    }

    public function picture(): ?Picture
    {
        return $this->logos->picture($this->bench->snapshot->resolved());
    }

    public function facts(): ?LogoFacts
    {
        $picture = $this->picture();

        return $picture === null ? null : $this->logos->facts($picture);
    }

    /** @return list<PaletteProposal> */
    public function proposals(): array
    {
        return $this->proposals->proposals($this->bench->look, array_column($this->facts()->inks ?? [], 'hex'));
    }

    /** @return array<string, ?string> the own changes that taking a proposal makes */
    public function changesOf(PaletteProposal $proposal): array
    {
        return LogoProposals::changes($this->bench->look, $proposal);
    }
}
