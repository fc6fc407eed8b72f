<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('arrivals', function (Blueprint $table): void {
            // The step that a bag being let in stands at, and since when; none once they are in.
            $table->unsignedTinyInteger('step')->nullable();
            $table->dateTime('step_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('arrivals', function (Blueprint $table): void {
            $table->dropColumn(['step', 'step_at']);
        });
    }
};
