<?php

declare(strict_types=1);

namespace Tests\App\Probe;

use App\Workbench\Shell\ControlsPanel;

final class ProbePanel extends ControlsPanel
{
    public function sheet(): string
    {
        return 'probe::sheet';
    }

    public function state(): array
    {
        return [...parent::state(), 'open_fathom' => $this->request->word('open_fathom')];
    }
}
