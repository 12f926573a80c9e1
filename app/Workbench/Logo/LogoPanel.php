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
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** The logo on every ground it stands on, its size true to the header, its colors, and the icons. */
final class LogoPanel extends ControlsPanel
{
    protected const ASKED = ['open_control'];

    /** Settings whose controls show only where another has one of these values: path => [path, values] */
    private const SHOWN_WHEN = [
        'icon.letters' => ['icon.from', ['letters']], 'icon.ink' => ['icon.from', ['letters']], 'icon.file' => ['icon.from', ['file']],
        'icon.x' => ['icon.from', ['region']], 'icon.y' => ['icon.from', ['region']], 'icon.size' => ['icon.from', ['region']],
    ];

    /** Those that show with a logo picture alone, and those that show without one alone. */
    private const WITH_PICTURE = ['header.logo.dark', 'header.logo.plate'];
    private const WITHOUT_PICTURE = ['header.logo.sign'];

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

    /** The setting somebody looked for whose control has no place in the panel as the look stands; null when it has one. */
    public function extra(): ?Setting
    {
        $path = $this->asked('open_control');
        if (! $this->bench->catalog()->has($path) || $this->bench->setting($path)->step !== StepKey::LOGO) {
            return null;
        }
        [$other, $values] = self::SHOWN_WHEN[$path] ?? [null, []];
        $isShown = match (true) {
            $other !== null => in_array($this->bench->snapshot->resolved()->text($other), $values, true),
            in_array($path, self::WITH_PICTURE, true) => $this->picture() !== null,
            in_array($path, self::WITHOUT_PICTURE, true) => $this->picture() === null,
            default => true,
        };

        return $isShown ? null : $this->bench->setting($path);
    }
}
