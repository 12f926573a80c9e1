<?php

declare(strict_types=1);

namespace App\Workbench\Library;

use App\Http\TypedRequest;
use App\Tasks\Task;
use App\Tasks\Tasks;
use App\Workbench\Shell\BenchMaker;
use Illuminate\Contracts\View\View;

/** How far heavy work is, and calling it off. */
final class TaskController
{
    public function __construct(private readonly BenchMaker $maker, private readonly Tasks $tasks) {}

    public function show(TypedRequest $request, int $look, int $task): View
    {
        return $this->fragment($request, $look, Task::query()->findOrFail($task));
    }

    public function cancel(TypedRequest $request, int $look, int $task): View
    {
        $found = Task::query()->findOrFail($task);
        $this->tasks->cancel($found);

        return $this->fragment($request, $look, $found->refresh());
    }

    private function fragment(TypedRequest $request, int $look, Task $task): View
    {
        return view('workbench.library.task', ['look' => $this->maker->look($look), 'task' => $task, 'for' => $request->word('for')]);
    }
}
