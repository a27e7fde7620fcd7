<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Approved time or expenses of a period that was closed, until they are settled, by their numbers; by whom it was closed.
        $this->rename('entries', 'numbers', static function (Blueprint $table): void {
            $table->enum('subject', ['entries', 'expenses'])->default('entries');
        });
    }

    public function down(): void
    {
        // Expenses used to be settled with the act itself.
        foreach (DB::table('settling_batches')->where('subject', 'expenses')->pluck('numbers') as $numbers) {
            /** @var list<int> $expenses */
            $expenses = json_decode(is_string($numbers) ? $numbers : '[]', true, flags: JSON_THROW_ON_ERROR);
            DB::table('expenses')->whereIn('id', $expenses)->where('state', 'approved')->update(['state' => 'settled']);
        }
        DB::table('settling_batches')->where('subject', 'expenses')->delete();
        $this->rename('numbers', 'entries', static fn (Blueprint $table): Blueprint => $table);
    }

    /** @param  Closure(Blueprint): mixed  $further  what is beside the numbers */
    private function rename(string $from, string $to, Closure $further): void
    {
        $rows = DB::table('settling_batches')->orderBy('id')->get(['id', $from.' AS '.$to, 'size', 'settled_by_id']);
        Schema::drop('settling_batches');
        Schema::create('settling_batches', static function (Blueprint $table) use ($to, $further): void {
            $table->id();
            $further($table);
            $table->json($to);
            $table->unsignedInteger('size');
            $table->foreignId('settled_by_id')->constrained('people');
            $table->check('size > 0');
        });
        foreach ($rows as $row) {
            DB::table('settling_batches')->insert((array) $row);
        }
    }
};
