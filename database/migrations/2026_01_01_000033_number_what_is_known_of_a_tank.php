<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            // Another number whenever anything is written of the tank: what was found of it before is old then.
            $table->integer('data_version')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('tanks', fn(Blueprint $table) => $table->dropColumn('data_version'));
    }
};
