<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What of a tank can be there once only, such as the sheet that is under way; none for a sheet that is closed.
        Schema::table('runs', fn(Blueprint $table) => $table->string('holds', 24)->nullable());
        foreach (DB::table('runs')->whereIn('state', ['planned', 'running'])->orderBy('id')->get(['id', 'tank_id', 'state', 'planned_for']) as $run) {
            $holds = $run->state === 'running' ? 'running' : trim('planned '.(is_string($run->planned_for) ? substr($run->planned_for, 0, 10) : ''));
            // The newest keeps the place; sheets beside it are dropped, as they would be by hand.
            DB::table('runs')->where('tank_id', $run->tank_id)->where('holds', $holds)->update(['holds' => null, 'state' => 'dropped']);
            DB::table('runs')->where('id', $run->id)->update(['holds' => $holds]);
        }
        Schema::table('runs', fn(Blueprint $table) => $table->unique(['tank_id', 'holds']));
    }

    public function down(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropUnique(['tank_id', 'holds']);
            $table->dropColumn('holds');
        });
    }
};
