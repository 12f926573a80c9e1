<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use Ikat\Core\Check\Finding;
use Ikat\Core\Setting\Setting;

/** A step whose panel shows its settings part by part; what a step with tools of its own falls back to for the rest. */
abstract class ControlsStep implements Step
{
    public function label(): string
    {
        return ucfirst($this->key());
    }

    public function keywords(): string
    {
        return $this->key();
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new ControlsPanel($bench, $request);
    }

    public function addressOf(Setting $setting, Bench $bench): string
    {
        return $this->key().'?'.http_build_query(['open_part' => $setting->part]).'#c-'.str_replace('.', '-', $setting->path);
    }

    public function addressOfFinding(Finding $finding, Bench $bench): string
    {
        return $bench->catalog()->has($finding->path()) ? $bench->addressWithin($finding->path()) : $this->key();
    }

    public static function routes(): void {}
}
