<?php

declare(strict_types=1);

namespace App\Console;

use Ikat\Core\Color\ColorException;
use Illuminate\Console\Command;

/**
 * A command that answers a question about values.
 *
 * Values come as arguments; without any, they are read from standard input, a line each (tab between columns), and each
 * line is answered by one JSON object on its own line, in order. Bad input ends with code 1; in a stream it is answered
 * by {"error": …} on its line and the rest is still answered.
 */
abstract class AnswerCommand extends Command
{
    /** @return list<string> names of the arguments, in the order of the columns */
    abstract protected function columns(): array;

    /**
     * @param list<string> $values one for each column
     *
     * @return array<string, mixed>
     *
     * @throws ColorException|\InvalidArgumentException
     */
    abstract protected function answer(array $values): array;

    public function handle(): int
    {
        $given = array_values(array_filter(
            array_map(fn(string $c): mixed => $this->argument($c), $this->columns()),
            static fn(mixed $v): bool => $v !== null,
        ));
        if ($given === []) {
            return $this->stream();
        }
        if (count($given) < count($this->columns())) {
            return $this->refuse(sprintf('Give %s.', implode(' and ', $this->columns())));
        }
        try {
            $answer = $this->answer(array_map(strval(...), $given));
        } catch (ColorException|\InvalidArgumentException $e) {
            return $this->refuse($e->getMessage());
        }
        $this->option('json')
            ? $this->json($answer)
            : $this->table(
                ['', ''],
                array_map(
                    static fn(string $k, mixed $v): array => [$k, is_scalar($v) ? var_export($v, true) : json_encode($v)],
                    array_keys($answer),
                    $answer,
                ),
            );

        return self::SUCCESS;
    }

    private function stream(): int
    {
        $failed = false;
        while (($line = fgets(STDIN)) !== false) {
            // With one column a tab parts nothing: it stands in the value, where CSS takes it for a blank.
            $values = count($this->columns()) === 1 ? [rtrim($line, "\r\n")] : explode("\t", rtrim($line, "\r\n"));
            try {
                if (count($values) !== count($this->columns())) {
                    throw new \InvalidArgumentException(sprintf('A line has %s, with a tab between.', implode(' and ', $this->columns())));
                }
                $this->json($this->answer($values));
            } catch (ColorException|\InvalidArgumentException $e) {
                $failed = true;
                $this->json(['error' => $e->getMessage()]);
            }
        }

        return $failed ? self::FAILURE : self::SUCCESS;
    }

    private function refuse(string $words): int
    {
        if ($this->option('json')) {
            $this->json(['error' => $words]);
        } else {
            $this->error($words);
        }

        return self::FAILURE;
    }

    /** @param array<string, mixed> $answer */
    private function json(array $answer): void
    {
        $this->output->writeln(
            json_encode(
                $answer,
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
                | JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE,
            ),
            \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
        );
    }
}
