<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('water_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            // By a checklist, or noted afterwards.
            $table->foreignId('run_id')->nullable()->unique()->constrained()->nullOnDelete();
            // Who takes the entry out of the diary takes back the change.
            $table->foreignId('entry_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->nullable()->constrained()->nullOnDelete();
            $table->string('source', 160);
            $table->double('litres');
            $table->double('share');
            $table->json('forecast');
            $table->timestamp('changed_at');
            $table->index(['tank_id', 'changed_at']);
        });
        // Changes that were made before stand in their runs and in the diary.
        $runs = DB::table('runs')->join('entries', static fn($join) => $join->on('entries.run_id', '=', 'runs.id')->where('entries.kind', 'change'))
            ->where('runs.state', 'done')->where('runs.changes_water', true)->whereNotNull('runs.finished_at')
            ->select(['runs.*', 'entries.id as entry_id'])->orderBy('runs.id')->get();
        foreach ($runs->unique('id') as $run) {
            $plan = (array) json_decode((string) $run->plan, true);
            $water = DB::table('waters')->where('id', $plan['water_id'] ?? 0)->value('id');
            DB::table('water_changes')->insert([
                'keeper_id' => $run->keeper_id, 'tank_id' => $run->tank_id, 'run_id' => $run->id, 'entry_id' => $run->entry_id, 'water_id' => $water,
                'source' => is_string($plan['source'] ?? null) ? $plan['source'] : 'new water',
                'litres' => (float) ($plan['out'] ?? $plan['litres'] ?? 0.0), 'share' => (float) ($plan['share'] ?? 0.0),
                'forecast' => $run->forecast, 'changed_at' => $run->finished_at,
            ]);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('water_changes');
    }
};
