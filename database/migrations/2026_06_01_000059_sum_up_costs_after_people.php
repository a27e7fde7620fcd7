<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const KINDS = ['recorded_keys', 'recorded_people', 'planned', 'tasks', 'projects'];

    private const COLUMNS = ['id', 'kind', 'scope', 'place', 'units', 'units_done', 'is_done', 'queued_at'];

    public function up(): void
    {
        $this->rebuild([...self::KINDS, 'recorded_sums']);
        // What is queued already would not be summed up by task and project any more.
        $last = DB::table('recalculations')->where('kind', 'recorded_people')->where('is_done', false)->orderByDesc('id')->value('queued_at');
        if ($last !== null) {
            DB::table('recalculations')->insert(['kind' => 'recorded_sums', 'scope' => '{}', 'units' => DB::table('tasks')->count(), 'queued_at' => $last]);
        }
    }

    public function down(): void
    {
        DB::table('recalculations')->where('kind', 'recorded_sums')->update(['kind' => 'tasks', 'scope' => '{"plans":false}', 'place' => 0, 'units_done' => 0]);
        $this->rebuild(self::KINDS);
    }

    /**
     * What a row must fulfil can only be said when its table is created, so the table is made anew.
     *
     * @param  non-empty-list<string>  $kinds
     */
    private function rebuild(array $kinds): void
    {
        Schema::create('new_recalculations', static function (Blueprint $table) use ($kinds): void {
            $table->id();
            $table->enum('kind', $kinds);
            $table->json('scope');
            $table->integer('place')->default(0);
            $table->integer('units')->default(0);
            $table->integer('units_done')->default(0);
            $table->boolean('is_done')->default(false);
            $table->timestamp('queued_at');
        });
        DB::table('new_recalculations')->insertUsing(self::COLUMNS, DB::table('recalculations')->select(self::COLUMNS));
        Schema::drop('recalculations');
        Schema::rename('new_recalculations', 'recalculations');
    }
};
