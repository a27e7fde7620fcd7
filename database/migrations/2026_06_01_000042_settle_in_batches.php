<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Enumerable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const AT_ONCE = 250;

    public function up(): void
    {
        Schema::create('settling_batches', static function (Blueprint $table): void {
            // Approved entries of a period that was closed, until they are settled, by their numbers; by whom it was closed.
            $table->id();
            $table->json('entries');
            $table->unsignedInteger('size');
            $table->foreignId('settled_by_id')->constrained('people');
            $table->check('size > 0');
        });
        foreach (DB::table('settling_entries')->distinct()->pluck('settled_by_id') as $by) {
            DB::table('settling_entries')->where('settled_by_id', $by)->lazyById(1000, 'entry_id')->pluck('entry_id')->chunk(self::AT_ONCE)
                ->each(static fn (Enumerable $entries): bool => DB::table('settling_batches')->insert(['entries' => json_encode($entries->values()->all(), JSON_THROW_ON_ERROR), 'size' => $entries->count(), 'settled_by_id' => $by]));
        }
        Schema::drop('settling_entries');
        Schema::table('expenses', static function (Blueprint $table): void {
            $table->partialIndex(['state', 'date', 'version'], 'expenses_unsettled', "state <> 'settled'");
        });
    }

    public function down(): void
    {
        Schema::table('expenses', static function (Blueprint $table): void {
            $table->dropIndex('expenses_unsettled');
        });
        Schema::create('settling_entries', static function (Blueprint $table): void {
            $table->foreignId('entry_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('settled_by_id')->constrained('people');
        });
        foreach (DB::table('settling_batches')->orderBy('id')->cursor() as $batch) {
            /** @var object{entries: string, settled_by_id: int} $batch */
            /** @var list<int> $entries */
            $entries = json_decode($batch->entries, true, flags: JSON_THROW_ON_ERROR);
            DB::table('settling_entries')->insert(array_map(static fn (int $entry): array => ['entry_id' => $entry, 'settled_by_id' => $batch->settled_by_id], $entries));
        }
        Schema::drop('settling_batches');
    }
};
