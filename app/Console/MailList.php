<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Mail;
use Illuminate\Console\Command;

/** The mailbox that ships with Ikat sends nothing: whoever may use this machine reads here what it would have sent. */
final class MailList extends Command
{
    protected $signature = 'mail:list {--to= : only letters to this address} {--limit=10} {--json}';

    protected $description = 'List what the simulated mailbox keeps, the latest first, with the addresses in it';

    public function handle(): int
    {
        $mails = Mail::query()->withoutGlobalScope('store')
            ->when($this->option('to') !== null, fn($q) => $q->where('to', $this->option('to')))
            ->orderByDesc('id')->limit(max(1, (int) $this->option('limit')))->get();
        $rows = $mails->map(static function (Mail $mail): array {
            preg_match_all('/href="([^"]+)"/', $mail->html, $m);

            return [
                'id' => $mail->id, 'to' => $mail->to, 'subject' => $mail->subject, 'links' => array_map(html_entity_decode(...), $m[1]),
            ];
        })->all();
        $this->option('json')
            ? $this->line(json_encode($rows, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))
            : $this->table(
                ['', 'To', 'Subject', 'Links'],
                array_map(static fn(array $r): array => [...array_slice($r, 0, 3), implode("\n", $r['links'])], $rows),
            );

        return self::SUCCESS;
    }
}
