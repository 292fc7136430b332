import { BarChart, LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

// Only what is used is registered, so that only that is sent; and only when the first chart is shown.
register([BarChart, LineChart, AriaComponent, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

export { init } from 'echarts/core';
