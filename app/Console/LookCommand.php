<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

/** A command about one look. */
abstract class LookCommand extends Command
{
    use FindsLook;

    /** @param callable(): array<mixed> $answer */
    protected function tell(callable $answer): int
    {
        try {
            $this->output->writeln(
                json_encode(
                    $answer(),
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | ($this->option('json') ? 0 : JSON_PRETTY_PRINT),
                ),
                \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
            );

            return self::SUCCESS;
        } catch (\InvalidArgumentException|\Ikat\Core\Setting\LookException|\App\Publishing\FindingsInTheWay $e) {
            $this->option('json')
                ? $this->line((string) json_encode(['error' => $e->getMessage()], JSON_UNESCAPED_UNICODE))
                : $this->error($e->getMessage());

            return self::FAILURE;
        }
    }
}
