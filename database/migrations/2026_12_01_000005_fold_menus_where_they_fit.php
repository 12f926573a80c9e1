<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** Words that places of the header had, as they stand in what is kept of looks and themes => as they are now. */
    private const PLACES = [
        '/("header\.menu\.place":\s*)"beside"/' => '$1"start"',
        '/("header\.logo\.place":\s*)"above"/' => '$1"middle"',
        // The chooser is a part of its own.
        '/("header\.icons":\s*"[a-z,]*?),?chooser,?/' => '$1',
    ];

    public function up(): void
    {
        Schema::table('releases', static function (Blueprint $table): void {
            // The page says on which screens they hold; releases from before have them in their own stylesheet, at a width of their own.
            $table->string('folded_css', 80)->nullable()->after('look_css');
        });
        foreach (['looks' => 'state', 'brought_themes' => 'tokens'] as $table => $column) {
            foreach (DB::table($table)->get(['id', $column]) as $row) {
                $written = (string) preg_replace(array_keys(self::PLACES), self::PLACES, (string) $row->$column);
                if ($written !== $row->$column) {
                    DB::table($table)->where('id', $row->id)->update([$column => $written]);
                }
            }
        }
    }

    public function down(): void
    {
        Schema::table('releases', static fn(Blueprint $table) => $table->dropColumn('folded_css'));
    }
};
