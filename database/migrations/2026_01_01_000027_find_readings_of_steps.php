<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Most readings belong to no step: left out of the index, they do not make a database believe that it tells little.
        Schema::table('readings', fn(Blueprint $table) => $table->dropUnique(['run_step_id', 'parameter']));
        DB::statement('create unique index readings_of_a_step on readings (run_step_id, parameter) where run_step_id is not null');
    }

    public function down(): void
    {
        DB::statement('drop index readings_of_a_step');
        Schema::table('readings', fn(Blueprint $table) => $table->unique(['run_step_id', 'parameter']));
    }
};
