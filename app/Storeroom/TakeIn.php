<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Database\Transaction;
use App\Looks\Author;
use App\Models\Store;
use App\Models\StoreEdit;
use App\Models\User;
use Ikat\Core\Store\File\ColumnMatch;
use Ikat\Core\Store\File\FileShape;
use Ikat\Core\Store\File\HtmlPages;
use Ikat\Core\Store\RecordChange;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Http\UploadedFile;

/** Files on their way in: read, looked through before anything is written, and taken in as one edit. */
final class TakeIn
{
    public const MOST_BYTES = 16 << 20;

    /** Bytes from which a file is looked through and taken in behind the pages. */
    public const HEAVY = 400_000;

    /** Rows that columns are known by. */
    private const SAMPLE = 200;

    private const KEPT_DAYS = 2;

    public function __construct(
        private readonly FileRows $rows,
        private readonly RecordPlanner $planner,
        private readonly StoreNames $names,
        private readonly StoreWriter $writer,
    ) {}

    /** @throws RefusedChange when it is no table */
    public function begin(UploadedFile $upload, RecordKind $kind, User $user): StoreFile
    {
        if (! $upload->isValid() || $upload->getSize() > self::MOST_BYTES) {
            throw new RefusedChange('The file did not arrive, or is larger than '.(self::MOST_BYTES >> 20).' MB. Split it and try again.');
        }
        $beginning = (string) file_get_contents($upload->getPathname(), false, null, 0, 1 << 17);
        if (trim($beginning) === '' || preg_match('/^(PK\x03\x04|%PDF|\xD0\xCF\x11\xE0)/', $beginning) === 1) {
            throw new RefusedChange('This is no file of comma-separated values. Save the table as CSV and take that.');
        }
        if (HtmlPages::isOne($beginning)) {
            $beginning = self::asTable($upload, $kind);
        }
        $shape = FileShape::of($beginning);
        $file = Transaction::run(static function () use ($upload, $kind, $user, $shape): StoreFile {
            StoreFile::query()->where('created_at', '<', now()->subDays(self::KEPT_DAYS))->limit(50)->get()->each->forget();

            return StoreFile::query()->create([
                'user_id' => $user->id, 'kind' => $kind->key, 'name' => mb_substr(mb_scrub($upload->getClientOriginalName()), 0, 120),
                'state' => StoreFileState::Reading, 'encoding' => $shape->encoding, 'delimiter' => $shape->delimiter, 'heads' => [],
                'columns' => ['columns' => [], 'by' => []],
            ]);
        });
        $upload->move(dirname($file->original()), basename($file->original()));
        $this->shape($file, $kind, $shape);

        return $file;
    }

    /**
     * Pages of an HTML document as the rows they are, in place of the document.
     *
     * @return string those rows
     *
     * @throws RefusedChange where none are meant, or there are none
     */
    private static function asTable(UploadedFile $upload, RecordKind $kind): string
    {
        if ($kind->key !== RecordKinds::PAGES) {
            throw new RefusedChange('This is a page of the web. Take it in among the pages, or save the table as CSV and take that.');
        }
        $pages = HtmlPages::read((string) file_get_contents($upload->getPathname()), $upload->getClientOriginalName());
        if ($pages === []) {
            throw new RefusedChange('Nothing can be read in this document: it needs a heading or words.');
        }
        $rows = fopen('php://temp', 'w+b');
        assert($rows !== false);
        foreach ([['title', 'address', 'words'], ...array_map(array_values(...), $pages)] as $cells) {
            fputcsv($rows, $cells, ',', '"', '', "\r\n");
        }
        rewind($rows);
        $csv = "\xEF\xBB\xBF".stream_get_contents($rows);
        file_put_contents($upload->getPathname(), $csv);

        return $csv;
    }

    /** Reads the file so: its letters, its columns and what they are. */
    public function shape(StoreFile $file, RecordKind $kind, FileShape $shape): void
    {
        CsvRows::toUnicode($file->original(), $file->text(), $shape->encoding);
        $rows = [];
        foreach (CsvRows::in($file->text(), $shape->delimiter) as $cells) {
            $rows[] = $cells;
            if (count($rows) > self::SAMPLE) {
                break;
            }
        }
        $first = $rows[0] ?? [];
        // A first line that names a column, or has no figures where others have some, is one of names.
        $isFigure = static fn(string $cell): bool => preg_match('/^\W*\d/', $cell) === 1;
        $figures = static fn(array $cells): int => count(array_filter($cells, $isFigure));
        $hasHeads = ColumnMatch::byName($kind, $first) !== [] || $figures($first) === 0 && $figures($rows[1] ?? []) > 0;
        $heads = $hasHeads ? $first : array_map(static fn(int $i): string => 'column '.($i + 1), array_keys($first));
        $sample = $hasHeads ? array_slice($rows, 1) : $rows;
        $match = ColumnMatch::of($kind, $heads, $sample, $this->rows->alike($kind, $sample), $this->names);
        $file->update([
            'encoding' => $shape->encoding, 'delimiter' => $shape->delimiter, 'has_heads' => $hasHeads,
            'heads' => array_map(static fn(string $head): string => mb_strimwidth($head, 0, 60, '…'), $heads),
            'columns' => ['columns' => $match->columns, 'by' => $match->by], 'outlook' => null, 'words' => '',
        ]);
    }

    /** Whether it is too much for an answer to wait for. */
    public static function isHeavy(StoreFile $file): bool
    {
        return filesize($file->text()) > self::HEAVY;
    }

    /** @return list<string> of a row early in the file: what its columns hold */
    public static function example(StoreFile $file): array
    {
        foreach (CsvRows::in($file->text(), $file->delimiter) as $line => $cells) {
            if ($line > 1 || ! $file->has_heads) {
                return $cells;
            }
        }

        return [];
    }

    /**
     * Looks through it: what would be new, changed, left or refused. Nothing of the store is written.
     *
     * @throws CalledOff
     */
    public function look(StoreFile $file, Store $store): void
    {
        $kinds = RecordKinds::all($store->zone());
        $kind = $kinds[$file->kind];
        $outlook = new Outlook();
        $head = $store->head;
        $rows = 0;
        foreach ($this->rows->pieces($file, $kind) as [$wishes, $lines, $refused, $read]) {
            foreach ($refused as $each) {
                $outlook->refuse(...$each);
            }
            [$changes, $faults] = $this->planner->plan($kinds, $wishes, false);
            foreach ($wishes as $i => $wish) {
                $called = (string) ($wish->cells[$kind->name] ?? '');
                $fault = $faults[$i][0] ?? null;
                match (true) {
                    $fault !== null => $outlook->refuse(
                        $lines[$i],
                        $called,
                        $fault->column === '' ? $kind->one : $kind->column($fault->column)->label,
                        $fault->typed,
                        $fault->why,
                    ),
                    ! isset($changes[$i]) => $outlook->leave(),
                    $changes[$i]->before === null => $outlook->make($lines[$i], $changes[$i]->called),
                    default => $this->tellChange($outlook, $kind, $lines[$i], $changes[$i]),
                };
            }
            $rows = $read;
            $file->tellDone($read);
            if ($file->isCalledOff()) {
                throw new CalledOff();
            }
        }
        $file->update(['state' => StoreFileState::Ready, 'rows' => $rows, 'seen' => $head, 'outlook' => $outlook->toArray()]);
    }

    /**
     * @throws RefusedChange when the store has changed since it was looked through
     * @throws CalledOff when somebody called it off; nothing was written
     */
    public function take(StoreFile $file, Store $store, Author $author): ?StoreEdit
    {
        $kinds = RecordKinds::all($store->zone());
        if (Store::query()->findOrFail($store->id)->head !== $file->seen) {
            $this->look($file, $store->refresh());

            throw new RefusedChange('Somebody has changed the store meanwhile. The file was looked through again: look, then take it.');
        }
        $writes = $file->outlook()?->writes() ?? 0;
        $done = 0;
        $edit = $this->writer->inPieces(
            $store,
            $author,
            new WishPieces(fn(): iterable => $this->rows->pieces($file, $kinds[$file->kind])),
            static function (array $changes) use ($file, &$done): void {
                $done += count($changes);
                $file->tellDone($done);
                if ($file->isCalledOff()) {
                    throw new CalledOff();
                }
            },
            ($writes === 1 ? "1 {$kinds[$file->kind]->one}" : "$writes {$kinds[$file->kind]->many}")." from $file->name",
        );
        $file->update(['state' => StoreFileState::Taken, 'words' => $edit === null ? 'Nothing in it was new.' : '']);

        return $edit;
    }

    private function tellChange(Outlook $outlook, RecordKind $kind, int $line, RecordChange $change): void
    {
        [$cells, $shift] = [[], null];
        foreach ($change->after ?? [] as $key => $value) {
            $type = $kind->column($key)->type;
            $cells[$key] = [$type->write($change->before[$key] ?? null, $this->names), $type->write($value, $this->names)];
            $was = $change->before[$key] ?? null;
            if ($key === 'price' && is_int($value) && is_int($was) && $was > 0) {
                $shift = (int) round(100 * ($value - $was) / $was);
            }
        }
        $outlook->change($line, $change->called, array_map(
            static fn(array $pair): array => array_map(static fn(string $words): string => mb_strimwidth($words, 0, 60, '…'), $pair),
            $cells,
        ), $shift);
    }
}
