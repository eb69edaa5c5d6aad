'use client';

import dynamic from 'next/dynamic';
import own from './athlete.module.css';

const waiting = () => <div className={own.chart} />;

/** Charts load after the page; words and tables beside them show the same data. */
export const CurveChart = dynamic(() => import('./curve-chart'), { ssr: false, loading: waiting });
export const BodyChart = dynamic(() => import('./body-chart'), { ssr: false, loading: waiting });
