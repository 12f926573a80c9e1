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

    /** The controls of the icons; those that show only where the mark comes from one source, with it. */
    private const ICON_CONTROLS = [
        'icon.letters' => 'letters', 'icon.ink' => 'letters', 'icon.x' => 'region', 'icon.y' => 'region', 'icon.size' => 'region',
        'icon.file' => 'file',
        'icon.ground' => null, 'icon.form' => null, 'icon.space' => null,
    ];

    /** Those that show with a logo picture alone, and those that show without one alone. */
    private const WITH_PICTURE = ['header.logo.dark', 'header.logo.plate'];
    private const WITHOUT_PICTURE = ['header.logo.sign'];

    private string $icons = '';

    public function __construct(
        Bench $bench,
        TypedRequest $request,
        public readonly LogoInspector $logos,
        private readonly LogoProposals $proposals,
    ) {
        parent::__construct($bench, $request);
    }

    public function view(): string
    {
        return 'workbench.logo.panel';
    }

    public function prepare(): void
    {
        $this->icons = $this->bench->layIcons();
    }

    /** Address of the folder the draft's icons are in. */
    public function icons(): string
    {
        return $this->icons;
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

    /** @return list<string> the settings of the icons that have a control while the mark comes from that source */
    public function iconControls(string $from): array
    {
        return array_keys(array_filter(self::ICON_CONTROLS, static fn(?string $source): bool => in_array($source, [null, $from], true)));
    }

    /** The setting somebody looked for whose control has no place in the panel as the look stands; null when it has one. */
    public function extra(): ?Setting
    {
        $path = $this->asked('open_control');
        if (! $this->bench->catalog()->has($path) || $this->bench->setting($path)->step !== StepKey::LOGO) {
            return null;
        }
        $isShown = match (true) {
            array_key_exists($path, self::ICON_CONTROLS) => in_array(
                $path,
                $this->iconControls($this->bench->snapshot->resolved()->text('icon.from')),
                true,
            ),
            in_array($path, self::WITH_PICTURE, true) => $this->picture() !== null,
            in_array($path, self::WITHOUT_PICTURE, true) => $this->picture() === null,
            default => true,
        };

        return $isShown ? null : $this->bench->setting($path);
    }
}
