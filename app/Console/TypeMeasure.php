<?php

declare(strict_types=1);

namespace App\Console;

use App\Fonts\FontFiles;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\TypeException;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

final class TypeMeasure extends AnswerCommand
{
    use NumberOptions;

    protected $signature = 'type:measure
        {value? : the text; without it and --text, one a line from standard input}
        {--text= : the text}
        {--font=karla : key of a shipped family}
        {--size=16 : px}
        {--weight=400 : 1 to 1000}
        {--width= : px that a line may take; adds the lines}
        {--spacing=0 : px between letters}
        {--leading=0 : height of a line in sizes; 0 for the font’s own}
        {--capitals : in capitals}
        {--tabular : all figures equally wide}
        {--json}';

    protected $description = 'Measure how wide a text is in a font, and where its lines break';

    protected function initialize(InputInterface $input, OutputInterface $output): void
    {
        if ($input->getArgument('value') === null && $input->getOption('text') !== null) {
            $input->setArgument('value', $input->getOption('text'));
        }
    }

    protected function columns(): array
    {
        return ['value'];
    }

    protected function answer(array $values): array
    {
        $style = new TextStyle(
            (float) $this->number('size', 1, 1000),
            (int) $this->number('weight', 1, 1000),
            (float) $this->number('spacing', -50, 200),
            (float) $this->number('leading', 0, 10),
            $this->option('capitals') === true,
            $this->option('tabular') === true,
        );
        $room = $this->number('width', 1, 100_000) ?? INF;
        try {
            $letters = app(FontFiles::class)->face(FontShelf::get((string) $this->option('font')));
            $set = app(TextMeasure::class)->measure($letters, $style, $values[0], $room);
        } catch (TypeException $e) {
            throw new \InvalidArgumentException($e->getMessage(), previous: $e);
        }

        return [
            'width' => $set->width, 'height' => $set->height, 'baseline' => $set->baseline, 'missing' => $set->missing,
            ...($room === INF ? [] : ['lines' => $set->lines]),
        ];
    }
}
