<?php

declare(strict_types=1);

namespace App\Workbench\Publish;

use App\Models\Release;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\ReleaseChanges;
use Ikat\Core\Reach\ReachIndex;
use Illuminate\Support\Collection;

/** What will change, what stands in the way, and the releases there were. */
final class PublishPanel extends StepPanel
{
    /** Releases listed at once, the latest first. */
    private const RELEASES = 20;

    public function view(): string
    {
        return 'workbench.publish.panel';
    }

    public function findings(): array
    {
        return $this->bench->findings();
    }

    public function findingsTitle(): string
    {
        return 'Findings';
    }

    /** What differs from the live release, one line for each cause: what only follows a changed color is told with it. */
    public function changes(): ReleaseChanges
    {
        return ReleaseChanges::of($this->bench->snapshot->resolved(), $this->bench->live()->resolved ?? []);
    }

    /**
     * Where a change shows.
     *
     * @return array{places: int, pages: list<string>} pages by key
     */
    public function reach(string $path): array
    {
        $inspection = $this->bench->inspection();
        $places = $inspection->get(ReachIndex::class)->placesOf($path, $inspection->look, $inspection->get(CompiledLook::class));

        return ['places' => array_sum(array_map(count(...), $places)), 'pages' => array_keys($places)];
    }

    /** @return Collection<int, Release> */
    public function releases(): Collection
    {
        return $this->bench->look->storefront
            ->releases()
            ->limit(self::RELEASES)
            ->get(['id', 'store_id', 'storefront_id', 'number', 'findings', 'reason', 'author', 'created_at']);
    }
}
