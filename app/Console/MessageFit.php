<?php

declare(strict_types=1);

namespace App\Console;

use App\Inspection\Inspector;
use Ikat\Core\Check\TextColumns;
use Ikat\Core\Header\AnnouncementSolver;
use Ikat\Core\Setting\ColoredText;

final class MessageFit extends AnswerCommand
{
    use FindsLook;

    protected $signature = 'message:fit {text? : many are read from standard input, a line each} {--look=1} {--json}';

    protected $description = 'Say how many lines a message takes in the announcement bar of a look on a phone, a tablet and a desktop';

    private ?AnnouncementSolver $solver = null;

    protected function columns(): array
    {
        return ['text'];
    }

    protected function answer(array $values): array
    {
        $this->solver ??= app(Inspector::class)->inspect($this->look())->get(AnnouncementSolver::class);
        $words = trim(ColoredText::plain($values[0]));
        if ($words === '') {
            throw new \InvalidArgumentException('Give the words of a message.');
        }
        $text = $this->solver->set($words);
        $answer = [];
        foreach (TextColumns::SCREENS as $screen => $device) {
            $answer[$device] = [
                'lines' => $this->solver->lines($text, $screen), 'room_px' => $this->solver->room($screen),
                'text_px' => round($text->width($this->solver->size), 2),
            ];
        }

        return $answer;
    }
}
