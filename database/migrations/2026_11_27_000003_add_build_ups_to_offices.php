<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The office's library of build-ups, in the form of a job's basis. */
    public function up(): void
    {
        Schema::table('offices', function (Blueprint $table): void {
            $table->json('build_ups')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('offices', function (Blueprint $table): void {
            $table->dropColumn('build_ups');
        });
    }
};
