<?php

declare(strict_types=1);

namespace App\Fonts;

use Illuminate\Process\Exceptions\ProcessTimedOutException;
use Illuminate\Support\Facades\Process;
use Symfony\Component\Process\ExecutableFinder;

/** scripts/own-font.mjs, in a process of its own with little time and memory: what it is given was made by anybody. */
final class FontTool
{
    /** Both together are less than a request may take. */
    private const SECONDS = ['unpack' => 15, 'prepare' => 60];
    private const MEGABYTES = 256;
    private const FOLDERS = ['/usr/local/bin', '/usr/bin', '/bin'];

    public function __construct(private readonly string $root) {}

    /** @throws UnusableFont */
    public function unpack(string $file, string $out): void
    {
        $this->run(['unpack', $file, $out], '');
        if (! is_file($out)) {
            throw UnusableFont::because('This font cannot be unpacked. Take the file as its maker gave it to you.');
        }
    }

    /**
     * @param non-empty-list<int> $weights
     * @param ?array<string, string> $parts part => its characters; null for one file with all of them
     *
     * @return array{widths: non-empty-array<int, int>, letters: non-empty-array<int, array{int, int, int, int}>,
     *     bytes: non-empty-array<string, int>}
     *
     * @throws UnusableFont
     */
    public function prepare(string $file, string $folder, array $weights, ?array $parts): array
    {
        $said = $this->run(['prepare', $file, $folder], json_encode(['weights' => $weights, 'parts' => $parts], JSON_THROW_ON_ERROR));
        $read = json_decode($said, true);
        if (! is_array($read) || ! isset($read['widths'], $read['letters'], $read['bytes'])) {
            throw UnusableFont::because('The letters of this font cannot be measured: some of its outlines are broken.');
        }

        return $read;
    }

    /** Where Node.js is: whoever serves pages may not be told where programs are found. */
    private function node(): string
    {
        return (new ExecutableFinder())->find('node', 'node', self::FOLDERS) ?? 'node';
    }

    /** @param array{'unpack'|'prepare', string, string} $task and the file it is about, and where to */
    private function run(array $task, string $input): string
    {
        try {
            $result = Process::path($this->root)
                ->timeout(self::SECONDS[$task[0]])
                ->env(['NODE_OPTIONS' => '--max-old-space-size='.self::MEGABYTES])
                ->input($input)
                ->run([$this->node(), 'scripts/own-font.mjs', ...$task]);
        } catch (ProcessTimedOutException) {
            throw UnusableFont::because('This font takes too long to be read. It is broken, or made to be.');
        }
        if ($result->failed()) {
            throw UnusableFont::because('This font cannot be packed for the web: some of its tables or outlines are broken.');
        }

        return $result->output();
    }
}
