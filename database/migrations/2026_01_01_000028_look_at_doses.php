<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            // The day on which to look whether a changed dose did anything.
            $table->date('doses_look_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            $table->dropColumn('doses_look_on');
        });
    }
};
