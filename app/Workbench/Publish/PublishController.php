<?php

declare(strict_types=1);

namespace App\Workbench\Publish;

use App\Access\AuditTrail;
use App\Http\TypedRequest;
use App\Looks\NamePoint;
use App\Looks\UnnamedPoint;
use App\Models\Keepsake;
use App\Models\Release;
use App\Models\User;
use App\Publishing\FindingsInTheWay;
use App\Publishing\PublishLook;
use App\Publishing\RestoreRelease;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Illuminate\Http\Response;

/** Making a look live, and going back to an earlier release. Owners only. */
final class PublishController
{
    public function __construct(private readonly BenchMaker $maker, private readonly AuditTrail $audit) {}

    public function publish(TypedRequest $request, int $look, PublishLook $publish): Response
    {
        $found = $this->maker->look($look);
        // What the owner saw is what goes out: an edit made meanwhile by somebody else is looked at first.
        if ($request->id('seen') !== $found->head) {
            return response(
                'Somebody edited this look after you opened the summary. Look at the new summary, then publish.',
                409,
                ['Content-Type' => 'text/plain; charset=UTF-8'],
            );
        }
        try {
            $release = $publish($found, $this->author($request), $request->word('reason', '', 500));
        } catch (FindingsInTheWay $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        $this->audit->note(
            'published',
            "release $release->number of {$found->storefront->name}"
                .($release->reason === null ? '' : ", in spite of findings: $release->reason"),
        );

        return $this->answer($request, $look, "Release $release->number is live.");
    }

    public function restore(TypedRequest $request, int $look, int $release, RestoreRelease $restore): Response
    {
        $found = $this->maker->look($look);
        $earlier = Release::query()->where('storefront_id', $found->storefront_id)->findOrFail($release);
        $restore($found->storefront, $earlier, $this->author($request));

        $this->audit->note('made live again', "release $earlier->number of {$found->storefront->name}");

        return $this->answer($request, $look, "Release $earlier->number is live again.");
    }

    /** Gives a point of the journal a name, or takes it away. */
    public function name(TypedRequest $request, int $look, NamePoint $name): Response
    {
        $found = $this->maker->look($look);
        $words = $request->word('name', '', Keepsake::LONGEST);
        try {
            $name($found, $request->id('sequence'), $words, EditAnswer::author($request));
        } catch (UnnamedPoint $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        return $this->maker->answer(
            'workbench.shell.answer',
            $this->maker->make($request, $found, PublishStep::KEY),
            ['tells' => ['ikat:told' => ['words' => trim($words) === '' ? 'The name was taken off.' : "Kept as $words."]]],
        );
    }

    private function answer(TypedRequest $request, int $look, string $words): Response
    {
        return $this->maker->answer(
            'workbench.shell.answer',
            $this->maker->make($request, $this->maker->look($look), PublishStep::KEY),
            ['tells' => ['ikat:published' => ['words' => $words]]],
        );
    }

    private function author(TypedRequest $request): string
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user->name;
    }
}
