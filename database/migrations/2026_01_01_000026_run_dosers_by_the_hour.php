<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('dose_plans', function (Blueprint $table): void {
            // The hour of the day at which a doser gives it, as 07:30.
            $table->string('at', 5)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('dose_plans', function (Blueprint $table): void {
            $table->dropColumn('at');
        });
    }
};
