<?php

declare(strict_types=1);

namespace Tests\App\Probe;

use App\Workbench\Shell\ControlsPanel;
use App\Workbench\Shell\Sheet;

final class ProbePanel extends ControlsPanel
{
    public function sheet(): Sheet
    {
        return new Sheet('probe::sheet', 'Fathoms');
    }

    public function state(): array
    {
        return [...parent::state(), 'open_fathom' => $this->request->word('open_fathom')];
    }
}
