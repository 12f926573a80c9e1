<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Where the thing stands in each picture; and the proportion of the frame as a number, free to be any. */
return new class extends Migration {
    private const WORDS = '/("card\.proportion":\s*)"(square|wide|tall)"/';
    private const NUMBERS = ['square' => '1', 'wide' => '1.17', 'tall' => '0.8'];

    /** What is kept of looks: as they are, as they were published, as themes bring them, and what edits did, to undo them. */
    private const KEPT = [['looks', 'state'], ['releases', 'state'], ['releases', 'resolved'], ['brought_themes', 'tokens']];

    public function up(): void
    {
        Schema::table('pictures', static function (Blueprint $table): void {
            $table->longText('object')->nullable()->after('focus_y');
            $table->string('thing', 40)->default('')->after('object');
        });
        foreach (self::KEPT as [$table, $column]) {
            $this->rewrite($table, $column, static fn(string $kept): string => (string) preg_replace_callback(
                self::WORDS,
                static fn(array $m): string => $m[1].self::NUMBERS[$m[2]],
                $kept,
            ));
        }
        $this->rewrite('edits', 'settings_changed', static function (string $kept): string {
            $changed = json_decode($kept, true, 32, JSON_THROW_ON_ERROR);
            if (! isset($changed['card.proportion'])) {
                return $kept;
            }
            array_walk_recursive($changed['card.proportion'], static function (mixed &$value): void {
                $value = is_string($value) && isset(self::NUMBERS[$value]) ? (float) self::NUMBERS[$value] : $value;
            });

            return json_encode($changed, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        });
    }

    public function down(): void
    {
        Schema::table('pictures', static fn(Blueprint $table) => $table->dropColumn(['object', 'thing']));
    }

    /** @param callable(string): string $as */
    private function rewrite(string $table, string $column, callable $as): void
    {
        $rows = DB::table($table)->where($column, 'like', '%card.proportion%')->get(['id', $column]);
        foreach ($rows as $row) {
            DB::table($table)->where('id', $row->id)->update([$column => $as((string) $row->$column)]);
        }
    }
};
