<?php

declare(strict_types=1);

use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\UndoLinks;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Undo and redo become links from line to line: they were found by reading the whole journal. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('edits', static function (Blueprint $table): void {
            $table->unsignedInteger('below')->default(0)->after('of');
        });
        Schema::table('looks', static function (Blueprint $table): void {
            $table->unsignedInteger('undo_at')->default(0)->after('head');
            $table->unsignedInteger('redo_at')->default(0)->after('undo_at');
        });
        foreach (DB::table('looks')->pluck('id') as $look) {
            $links = new UndoLinks();
            $below = [];
            foreach (DB::table('edits')->where('look_id', $look)->orderBy('sequence')->select([
                'id', 'sequence', 'kind', 'of',
            ])->lazy(1000) as $line) {
                $kind = EntryKind::from($line->kind);
                [$links, $below[$line->sequence]] = $links->after(
                    $kind,
                    $line->sequence,
                    $below[$kind === EntryKind::Undo ? $links->undo : $links->redo] ?? 0,
                    (int) $line->of,
                );
                DB::table('edits')->where('id', $line->id)->update(['below' => $below[$line->sequence]]);
            }
            DB::table('looks')->where('id', $look)->update(['undo_at' => $links->undo, 'redo_at' => $links->redo]);
        }
    }
};
